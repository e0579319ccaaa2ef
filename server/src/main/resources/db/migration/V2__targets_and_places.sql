-- A player works on a drill, whatever its version.
update progression set drill =
    coalesce((select version.drill from drill_version as version where version.id = progression.drill), drill);

-- Targets and places, version by version; a version is never changed.
create table if not exists shelf_version (
    kind    varchar(10) not null,
    id      varchar(64) not null,
    version int not null,
    body    varchar(200000) not null,
    primary key (kind, id, version)
);

-- Taken off the shelf; the versions stay for what names them.
create table if not exists shelf_removed (
    kind varchar(10) not null,
    id   varchar(64) not null,
    primary key (kind, id)
);

-- What was really laid can be many corners.
alter table chart_event alter column body varchar(40000);

-- Results are made again from the log when the rules have changed; empty tables change their form at once.
truncate table shot_result;
truncate table set_result;

alter table set_result add column if not exists laid varchar(400) default '' not null;

alter table shot_result add column if not exists stage int default 0 not null;
alter table shot_result add column if not exists zone int default 0 not null;
alter table shot_result add column if not exists points int default 0 not null;
alter table shot_result add column if not exists from_aim double precision;
