-- What was hit in sets that count, with the time and whose they are, so that a player's latest are found without reading sets.
alter table volume_result add column if not exists held_at bigint default 0 not null;
alter table volume_result add column if not exists own boolean default true not null;
delete from volume_result as volume where exists (
    select 1 from set_result as held
        where held.generation = volume.generation and held.run = volume.run and (held.struck or not held.closed));
update volume_result as volume set
    held_at = coalesce((select held.held_at from set_result as held
        where held.generation = volume.generation and held.run = volume.run), 0),
    own = coalesce((select held.player = volume.player from set_result as held
        where held.generation = volume.generation and held.run = volume.run), true);
drop index if exists volume_result_of_player;
create index if not exists volume_result_of_player_held on volume_result (generation, player, held_at);
create index if not exists volume_result_of_player_own on volume_result (generation, player, own, held_at);

-- How often and when a player last held what is found in the index alone.
create index if not exists set_result_of_way on set_result (generation, player, drill, track, held_at);
drop index if exists set_result_of_player;
