-- A board has the grooves it has: series as step/from/to and single grooves, in ticks, parted by blanks. The fence is at the side
-- away from the hand. How thick a stack the trimmer cuts is in ticks.
alter table toolbox add column grooves varchar(2000) default '' not null;
update toolbox set grooves = board_step || '/' || board_step || '/' || board_width;
alter table toolbox drop column board_step;
alter table toolbox add column plate boolean default true not null;
alter table toolbox add column thickest_stack bigint default 3360 not null;
alter table toolbox add column hand varchar(10) default 'RIGHT' not null;
