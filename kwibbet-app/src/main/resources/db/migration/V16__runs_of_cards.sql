-- Whether a run came with a card and is made as often as that card says; a cutting day of one card says so itself.
alter table run add column of_card boolean default false not null;
update run set of_card = true where (select count(*) from run_line where run_line.run = run.id) = 1;
