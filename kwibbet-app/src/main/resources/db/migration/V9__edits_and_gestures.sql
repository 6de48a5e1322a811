-- The edit a design is as it is by, so that one that is sent twice is done once; and the gesture a state was made with, so that one step back undoes all of it.
alter table design add column last_edit varchar(64) default '' not null;
alter table design_revision add column gesture varchar(80) default '' not null;
