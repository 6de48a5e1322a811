-- How tape, findings, cord and filler are sold: how much is in a pack or on a roll, and what that costs.
create table goods_price (
    id      varchar(120) not null primary key,
    name    varchar(100) not null,
    kind    varchar(10)  not null,
    height  varchar(40)  not null,
    amount  varchar(40)  not null,
    cents   int          not null,
    version bigint       not null
);
