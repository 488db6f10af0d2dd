-- The roster of a day asks for the boxes that each hive stood in last: from the index alone.
create index hive_life_by_kind on hive_life (kind, struck_at, hive_id, on_day);
