-- Sets of every kind of goal: how the goal stood, what is kept as a best, and whose calls they rest on.
alter table set_result alter column trials varchar(4000);
alter table set_result add column track varchar(64) default '' not null;
alter table set_result add column standing varchar(12) default 'OPEN' not null;
alter table set_result add column score double precision default 0 not null;
alter table set_result add column accepted boolean default true not null;
