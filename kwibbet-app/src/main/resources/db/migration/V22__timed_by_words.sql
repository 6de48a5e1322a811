-- Steps of a maker's own are timed by their words.
alter table run_tick alter column operation set data type varchar(100);
