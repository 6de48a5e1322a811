-- Punches as KIND/width/height/reach, parted by blanks; sizes of 0 are not said.
alter table toolbox add column punches varchar(8000) default '' not null;
alter table toolbox add column folder_width bigint default 0 not null;
alter table toolbox add column folder_height bigint default 0 not null;
alter table toolbox add column platform_width bigint default 0 not null;
alter table toolbox add column platform_height bigint default 0 not null;
