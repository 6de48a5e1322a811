-- How many layers of card stock a die cuts at once.
alter table toolbox add column press_layers integer default 2 not null;
