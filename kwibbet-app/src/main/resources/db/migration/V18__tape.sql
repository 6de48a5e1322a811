-- Tape is kept besides paper: by its length in ticks, and each height of foam tape by itself; flat tape has none. What moves is a paper or a tape.
create table tape (
    id      varchar(64) not null primary key,
    height  bigint      not null,
    version bigint      not null
);
alter table stock_movement alter column paper rename to thing;
alter table stock_movement alter column amount set data type bigint;
