-- What cannot be used along every edge of a sheet, in ticks; and the paper of which a row is another size of sheet.
alter table paper add column margin bigint default 0 not null;
alter table paper add column size_of varchar(36);
