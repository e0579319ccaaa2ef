-- Two events of a session never stand at the same place.
create unique index if not exists chart_event_at on chart_event (session_id, position);
