-- What the studio mails its cards with: its envelopes and what sending costs, as one document.
create table mail_room (
    id       integer not null primary key,
    document clob    not null,
    version  bigint  not null
);
