-- Kits and classes, each with the run that cuts it, and every state it was in: present is the number of the one it is in.
create table kit (
    id         varchar(64)  not null primary key,
    run        varchar(64)  not null,
    present    int          not null,
    away       boolean      not null,
    changed_at timestamp(9) with time zone not null,
    version    bigint       not null
);
create index kit_run on kit (run);
create table kit_state (
    id       varchar(80) not null primary key,
    kit      varchar(64) not null,
    number   int         not null,
    document clob        not null,
    version  bigint      not null
);
create index kit_state_of on kit_state (kit);
