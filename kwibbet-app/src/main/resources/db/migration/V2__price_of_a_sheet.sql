-- What one sheet costs, in hundredths of the maker's money; 0 where that is not known.
alter table paper add column cents integer default 0 not null;
