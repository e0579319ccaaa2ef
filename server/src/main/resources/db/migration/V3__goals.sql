-- Results are made again from the log when the rules have changed; empty tables change their form at once.
truncate table shot_result;
truncate table set_result;

-- Sets of every kind of goal: how the goal stood, what is kept as a best, and whose calls they rest on.
alter table set_result alter column trials varchar(4000);
alter table set_result add column if not exists track varchar(64) default '' not null;
alter table set_result add column if not exists standing varchar(12) default 'OPEN' not null;
alter table set_result add column if not exists score double precision default 0 not null;
alter table set_result add column if not exists accepted boolean default true not null;
