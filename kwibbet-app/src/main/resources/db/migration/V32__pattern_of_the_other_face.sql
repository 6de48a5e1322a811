alter table paper add column other_pattern varchar(16);
