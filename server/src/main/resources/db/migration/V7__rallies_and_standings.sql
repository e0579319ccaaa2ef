-- Results are made again from the log when the rules have changed; empty tables change their form at once.
truncate table shot_result;
truncate table set_result;
truncate table volume_result;

-- Trials as bits, the first in the lowest bit of the first byte, with how many there are and how many of them are hits.
alter table set_result drop column if exists trials;
alter table set_result add column if not exists trials varbinary(100000) default x'' not null;
alter table set_result add column if not exists balls int default 0 not null;
alter table set_result add column if not exists hits int default 0 not null;

-- What a set leaves behind besides its trials.
alter table set_result alter column if exists trace rename to details;

-- Rallies by their contacts; of one whose length was typed no more is known.
create table if not exists rally_result (
    generation int not null,
    run        uuid not null,
    place      int not null,
    contacts   double precision not null,
    own        int,
    how        varchar(10),
    ended_by   varchar(10),
    miss       varchar(10),
    side       varchar(6),
    at_ms      bigint not null,
    primary key (generation, run, place)
);

-- Shots that count and on which the same is marked, with whose they are.
create table if not exists noted_result (
    generation int not null,
    run        uuid not null,
    player     uuid not null,
    notes      varchar(200) not null,
    hits       int not null,
    shots      int not null,
    primary key (generation, run, notes)
);
create index if not exists noted_result_of_player on noted_result (generation, player);

-- What is open on a drill, what others hit at it, and what was held when.
create index if not exists set_result_of_drill on set_result (generation, drill, held_at);
create index if not exists set_result_held on set_result (generation, held_at);

-- Where each player stands on each way of each drill version that something was held on.
create table if not exists standing_result (
    generation int not null,
    player     uuid not null,
    drill      varchar(64) not null,
    track      varchar(64) not null,
    body       varchar(8000) not null,
    primary key (generation, player, drill, track)
);

-- Who hit a shot if not the player, how, and for which step of a pattern.
alter table shot_result add column if not exists hitter varchar(10);
alter table shot_result add column if not exists stroke varchar(24);
alter table shot_result add column if not exists step int default -1 not null;

-- Passes of a pattern, and what its steps came to.
create table if not exists pass_result (
    generation int not null,
    run        uuid not null,
    place      int not null,
    held       int not null,
    ended      varchar(14) not null,
    at_ms      bigint not null,
    primary key (generation, run, place)
);
create table if not exists step_result (
    generation int not null,
    run        uuid not null,
    step       int not null,
    reached    int not null,
    held       int not null,
    primary key (generation, run, step)
);
