-- What holds for the whole studio: what is measured in, and which sheets are common there.
create table studio (
    id              integer     not null primary key,
    measure_system  varchar(10) not null,
    sheets          varchar(10) not null,
    version         bigint      not null
);
