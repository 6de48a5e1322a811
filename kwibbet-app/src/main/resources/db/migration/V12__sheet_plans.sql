-- How jobs are cut, by the digest of what was asked: what was found once is not lost and not looked for again.
create table sheet_plan (
    id       varchar(64) not null primary key,
    document clob        not null,
    settled  boolean     not null,
    version  bigint      not null
);
