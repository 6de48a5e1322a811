-- Findings, cord, filler, envelopes and the like are kept as paper and tape are: what is counted by the piece, what is measured by length in ticks, by
-- volume in microlitres. Each has its measure and its name in its id.
create table goods (
    id      varchar(120) not null primary key,
    name    varchar(100) not null,
    measure varchar(10)  not null,
    version bigint       not null
);
alter table stock_movement alter column thing set data type varchar(120);
