alter table toolbox add column edge_punches varchar(8000) default '' not null;
