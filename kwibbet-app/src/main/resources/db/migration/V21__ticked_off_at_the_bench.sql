-- What was ticked off at the bench, step by step: done is how often, less than 0 for what was taken back. What was timed says how long it took.
create table run_tick (
    id        varchar(110) not null primary key,
    number    bigint       not null,
    run       varchar(64)  not null,
    phase     int          not null,
    station   varchar(10)  not null,
    step      varchar(160) not null,
    done      int          not null,
    operation varchar(20)  not null,
    seconds   int,
    ticked_at timestamp(9) with time zone not null,
    version   bigint       not null
);
create index run_tick_of on run_tick (run);
create index run_tick_timed on run_tick (operation, seconds);
-- Timers that run: one for a step.
create table run_timer (
    id         varchar(250) not null primary key,
    run        varchar(64)  not null,
    started_at timestamp(9) with time zone not null,
    version    bigint       not null
);
