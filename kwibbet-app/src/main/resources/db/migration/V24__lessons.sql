-- What was told of classes while they were taught, in the order it was told: how far they are follows from it.
create table lesson_told (
    id      varchar(110) not null primary key,
    kit     varchar(64)  not null,
    number  bigint       not null,
    kind    varchar(10)  not null,
    seat    varchar(80)  not null,
    step    varchar(250) not null,
    teaches boolean      not null,
    told_at timestamp(9) with time zone not null,
    version bigint       not null
);
create index lesson_told_of on lesson_told (kit);
-- How long learners took for a step of one card, in classes that are over.
create table learner_timing (
    id        varchar(110) not null primary key,
    kit       varchar(64)  not null,
    operation varchar(100) not null,
    millis    bigint       not null,
    version   bigint       not null
);
create index learner_timing_of on learner_timing (kit);
