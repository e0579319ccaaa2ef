-- Groups, and who was where in each of their turns.
create table if not exists group_result (
    generation int not null,
    run        uuid not null,
    opened_at  bigint not null,
    form       varchar(10) not null,
    drill      varchar(64),
    turns      int not null,
    ended      boolean not null,
    struck     boolean not null,
    primary key (generation, run)
);
create index if not exists group_result_opened on group_result (generation, opened_at);

create table if not exists group_spot_result (
    generation int not null,
    run        uuid not null,
    turn       int not null,
    place      int not null,
    player     uuid not null,
    post       varchar(10) not null,
    court      int not null,
    team       int not null,
    primary key (generation, run, turn, place)
);

-- Zones in which a step of a pattern held, in order, a byte each.
alter table step_result add column if not exists went varbinary(2000) default x'' not null;
