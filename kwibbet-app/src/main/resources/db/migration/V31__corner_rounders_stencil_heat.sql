alter table toolbox add column stencil_width bigint default 0 not null;
alter table toolbox add column stencil_height bigint default 0 not null;
alter table toolbox add column rounders varchar(400) default '' not null;
alter table toolbox add column no_heat boolean default false not null;
