-- What there is of each paper is the sum of what came and went. A booking is movements that happen together; width and height are those of a
-- leftover, in ticks, and 0 for whole sheets.
create table booking (
    id         varchar(110) not null primary key,
    number     bigint       not null,
    what       varchar(200) not null,
    run        varchar(64),
    booked_at  timestamp(9) with time zone not null,
    version    bigint       not null
);
create table stock_movement (
    id         varchar(120) not null primary key,
    booking    varchar(110) not null,
    paper      varchar(64)  not null,
    width      bigint       not null,
    height     bigint       not null,
    amount     int          not null,
    reason     varchar(20)  not null,
    version    bigint       not null
);
create index stock_movement_of on stock_movement (paper, width, height);
create index stock_movement_by on stock_movement (booking);

insert into booking (id, number, what, booked_at, version)
    select 'opening', 0, 'on hand at the start', timestamp with time zone '2000-01-01 00:00:00+00:00', 0
    where exists (select 1 from paper where on_hand <> 0) or exists (select 1 from offcut);
insert into stock_movement (id, booking, paper, width, height, amount, reason, version)
    select 'opening ' || id, 'opening', id, 0, 0, on_hand, 'COUNTED', 0 from paper where on_hand <> 0;
insert into stock_movement (id, booking, paper, width, height, amount, reason, version)
    select 'opening ' || id, 'opening', paper, width, height, pieces, 'COUNTED', 0 from offcut;

alter table paper drop column on_hand;
alter table offcut drop column pieces;
