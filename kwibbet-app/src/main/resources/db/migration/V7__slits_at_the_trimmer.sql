-- Whether a cut of the trimmer can start and stop inside the paper.
alter table toolbox add column slits varchar(10) default 'INSIDE' not null;
