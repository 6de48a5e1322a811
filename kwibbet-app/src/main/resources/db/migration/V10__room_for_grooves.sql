-- A thousand letters of grooves in ticks.
alter table toolbox alter column grooves set data type varchar(20000);
