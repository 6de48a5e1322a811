-- How wide a strip must be that the trimmer holds safely, in ticks; 0 where it holds any.
alter table toolbox add column narrowest_strip bigint default 0 not null;
