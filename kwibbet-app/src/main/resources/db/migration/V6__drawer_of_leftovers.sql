-- Leftovers of one size of one paper, as the sheet lay they were cut from; lengths in ticks.
create table offcut (
    id varchar(64) primary key,
    paper varchar(64) not null,
    width bigint not null,
    height bigint not null,
    pieces int not null,
    version bigint not null
);
