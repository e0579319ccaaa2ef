-- Matches and games, who played in them, and their rallies and placed shots.
create table if not exists match_result (
    generation int not null,
    run        uuid not null,
    opened_at  bigint not null,
    sport      varchar(20) not null,
    format     varchar(64) not null,
    game       boolean not null,
    sets_one   int not null,
    sets_two   int not null,
    score      varchar(200) not null,
    rallies    int not null,
    ended      boolean not null,
    winner     varchar(3),
    struck     boolean not null,
    primary key (generation, run)
);
create index if not exists match_result_opened on match_result (generation, opened_at);

create table if not exists match_player_result (
    generation int not null,
    run        uuid not null,
    team       varchar(3) not null,
    place      int not null,
    player     uuid not null,
    primary key (generation, run, team, place)
);
create index if not exists match_player_result_player on match_player_result (generation, player, run);

create table if not exists match_rally_result (
    generation int not null,
    run        uuid not null,
    rally      int not null,
    server     varchar(3) not null,
    winner     varchar(3),
    how        varchar(10) not null,
    depth      varchar(10) not null,
    partial    boolean not null,
    length     int not null,
    primary key (generation, run, rally)
);

create table if not exists match_shot_result (
    generation int not null,
    run        uuid not null,
    rally      int not null,
    place      int not null,
    team       varchar(3) not null,
    player     int not null,
    stroke     varchar(24) not null,
    spot       int not null,
    bounce     varchar(10),
    x          double precision,
    y          double precision,
    outcome    varchar(10) not null,
    side       varchar(5) not null,
    serve      int not null,
    primary key (generation, run, rally, place)
);

-- What each placement of a player came to in a match, so that an opponent's file is read and not worked out again.
create table if not exists match_placement_result (
    generation  int not null,
    run         uuid not null,
    player      uuid not null,
    team        varchar(3) not null,
    stroke      varchar(24) not null,
    spot        int not null,
    bounce      varchar(10) not null,
    shots       int not null,
    rallies     int not null,
    won         int not null,
    unreturned  int not null,
    weak        int not null,
    neutral     int not null,
    attacked    int not null,
    own_error   int not null,
    moved       int not null,
    movable     int not null,
    primary key (generation, run, player, stroke, spot, bounce)
);
create index if not exists match_placement_result_player on match_placement_result (generation, player);
