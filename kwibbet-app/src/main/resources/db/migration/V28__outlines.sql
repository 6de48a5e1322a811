-- Outlines of a maker's own, each a document that says how it is put together; a die may have one, a copy of its own.
create table outline (
    id       varchar(40)   not null primary key,
    place    int           not null,
    document clob          not null,
    told     varchar(2000) not null,
    version  bigint        not null
);
alter table die add column outline clob;
