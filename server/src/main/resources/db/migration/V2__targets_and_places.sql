-- A player works on a drill, whatever its version.
update progression set drill =
    coalesce((select version.drill from drill_version as version where version.id = progression.drill), drill);

-- Targets and places, version by version; a version is never changed.
create table shelf_version (
    kind    varchar(10) not null,
    id      varchar(64) not null,
    version int not null,
    body    varchar(200000) not null,
    primary key (kind, id, version)
);

-- Taken off the shelf; the versions stay for what names them.
create table shelf_removed (
    kind varchar(10) not null,
    id   varchar(64) not null,
    primary key (kind, id)
);

-- What was really laid can be many corners.
alter table chart_event alter column body varchar(40000);

alter table set_result add column laid varchar(400) default '' not null;

alter table shot_result add column stage int default 0 not null;
alter table shot_result add column zone int default 0 not null;
alter table shot_result add column points int default 0 not null;
alter table shot_result add column from_aim double precision;
