create table if not exists setting (
    name  varchar(60) primary key,
    value_text varchar(400) not null
);

create table if not exists player (
    id       uuid primary key,
    name     varchar(80) not null,
    hand     varchar(5) not null,
    added_at bigint not null
);

create table if not exists drill_version (
    id      varchar(64) primary key,
    drill   varchar(64) not null,
    version int not null,
    body    varchar(100000) not null,
    unique (drill, version)
);

-- Which players work on which drill.
create table if not exists progression (
    player uuid not null references player (id),
    drill  varchar(64) not null,
    primary key (player, drill)
);

-- The charting log. Nothing in it is updated or deleted.
create table if not exists session (
    id            uuid primary key,
    next_position bigint not null
);

create table if not exists run (
    id            uuid primary key,
    session_id    uuid not null references session (id)
);

create table if not exists chart_event (
    id          uuid primary key,
    session_id  uuid not null references session (id),
    position    bigint not null,
    run_id      uuid not null references run (id),
    kind        varchar(20) not null,
    v           int not null,
    pen         int not null,
    device      uuid not null,
    seq         int not null,
    at_ms       bigint not null,
    wall_ms     bigint not null,
    received_ms bigint not null,
    body        varchar(4000) not null
);

create index if not exists chart_event_of_run on chart_event (run_id, position);

-- Results: made from the log by replay, and made again whenever the rules change.
create table if not exists set_result (
    generation int not null,
    run        uuid not null,
    player     uuid not null,
    drill      varchar(64) not null,
    level      int not null,
    held_at    bigint not null,
    trials     varchar(200) not null,
    not_seen   int not null,
    closed     boolean not null,
    struck     boolean not null,
    said       varchar(4000),
    move       varchar(200),
    primary key (generation, run)
);

create index if not exists set_result_of_player on set_result (generation, player, drill, held_at);

create table if not exists shot_result (
    generation int not null,
    run        uuid not null,
    place      int not null,
    x          double precision,
    y          double precision,
    outcome    varchar(10) not null,
    side       varchar(6) not null,
    called     boolean not null,
    counted    boolean not null,
    called_by  varchar(15) not null,
    primary key (generation, run, place)
);
