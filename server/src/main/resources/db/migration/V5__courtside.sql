-- Results are made again from the log when the rules have changed; empty tables change their form at once.
truncate table shot_result;
truncate table set_result;

-- What a set leaves behind, how finely its shots were charted, and who hit how many balls.
alter table set_result add column if not exists trace varchar(20000)
    default '{"brokeAt":[],"partners":[],"enteredLater":false,"moved":false,"corrected":0}' not null;
alter table shot_result add column if not exists grain varchar(12) default 'LANDING' not null;
alter table shot_result add column if not exists notes varchar(80);

create table if not exists volume_result (
    generation int not null,
    run        uuid not null,
    player     uuid not null,
    balls      int not null,
    primary key (generation, run, player)
);

create index if not exists volume_result_of_player on volume_result (generation, player);
