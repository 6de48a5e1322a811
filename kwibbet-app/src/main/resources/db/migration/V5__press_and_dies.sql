-- A press has a bed and plates, in ticks; a die cuts a shape, its metal stands outside it, and its edge repeats after a pitch.
alter table toolbox add column press_bed bigint default 731520 not null;
alter table toolbox add column press_plate bigint default 1097280 not null;

create table die (
    id varchar(64) primary key,
    place int not null,
    name varchar(200) not null,
    shape varchar(20) not null,
    width bigint not null,
    height bigint not null,
    metal bigint not null,
    detail varchar(20) not null,
    edge varchar(20) not null,
    pitch bigint not null,
    nested_set varchar(200) not null,
    on_hand int not null,
    version bigint not null
);
