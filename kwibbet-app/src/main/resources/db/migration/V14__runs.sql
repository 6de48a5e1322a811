-- Runs that are kept: cutting days, and runs whose lists were settled. The document of a settled one holds all its lists follow from; phase grows
-- each time its rest is planned anew.
create table run (
    id         varchar(64)  not null primary key,
    name       varchar(200) not null,
    state      varchar(20)  not null,
    thrift     varchar(20)  not null,
    document   clob,
    phase      int          not null,
    scored     int          not null,
    pressed    int          not null,
    made       int          not null,
    changed_at timestamp(9) with time zone not null,
    version    bigint       not null
);
create table run_line (
    id      varchar(80) not null primary key,
    run     varchar(64) not null,
    place   int         not null,
    card    varchar(64) not null,
    make    int         not null,
    spares  int         not null,
    version bigint      not null
);
create index run_line_of on run_line (run);
create index run_line_card on run_line (card);
-- How many sheets of a layout a booking cut.
create table run_cut (
    id      varchar(130) not null primary key,
    booking varchar(110) not null,
    run     varchar(64)  not null,
    phase   int          not null,
    layout  varchar(10)  not null,
    sheets  int          not null,
    version bigint       not null
);
create index run_cut_of on run_cut (run);
