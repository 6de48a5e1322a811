-- Whether paper lies square on the 45° plate, under grooves that slant.
alter table toolbox add column plate_square boolean default false not null;
