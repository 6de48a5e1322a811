alter table toolbox add column punch_outlines clob default '' not null;
