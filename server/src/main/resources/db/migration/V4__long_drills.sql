-- A drill of many levels, each with many zones.
alter table drill_version alter column body varchar(400000);
