-- The colour of the other face of a paper, where it is another.
alter table paper add column other_face varchar(7) default '' not null;
