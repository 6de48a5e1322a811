-- Pictures of a maker's own that are printed at home: what is known of each, its dots, and few of them to be shown; both in Base64, so that a backup takes them along like anything else.
create table artwork (
    id      varchar(64)  not null primary key,
    place   int          not null,
    name    varchar(200) not null,
    across  int          not null,
    down    int          not null,
    colour  varchar(7)   not null,
    dots    clob         not null,
    shown   clob         not null,
    version bigint       not null
);
alter table toolbox add column printer_width bigint default 0 not null;
alter table toolbox add column printer_height bigint default 0 not null;
