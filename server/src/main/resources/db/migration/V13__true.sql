-- What was a mistake: named by an undo that was not taken back itself, or was taken back and then made again.
create view undone_event as
  select u.undoes as id, u.round_id, u.hive_id
  from run_event u
  where u.undoes is not null
    and not exists (
      select 1
      from run_event v
      where v.round_id = u.round_id and v.undoes = u.id
        and not exists (select 1 from run_event w where w.round_id = v.round_id and w.undoes = v.id));

-- Burns by the tool that burned: a run's first tool is the round's own, the others came along. An undo names the hive of
-- what it takes back, so that the index of a hive's events in a round leads to it at once.
create view tool_burn as
  select r.tool_id, e.round_id, r.apiary_id, e.at
  from round r
  join run_event e on e.round_id = r.id
  where e.kind = 'BURN_ENDED' and coalesce(e.tool, 1) = 1
    and not exists (select 1 from undone_event u where u.round_id = e.round_id and u.hive_id = e.hive_id and u.id = e.id)
  union all
  select t.tool_id, e.round_id, r.apiary_id, e.at
  from run_tool t
  join round r on r.id = t.round_id
  join run_event e on e.round_id = t.round_id and e.tool = t.number
  where e.kind = 'BURN_ENDED'
    and not exists (select 1 from undone_event u where u.round_id = e.round_id and u.hive_id = e.hive_id and u.id = e.id);

-- Frames of brood from another hive end a window, too.
alter table brood_event add column given_brood varchar(20);

-- Loads of one step of the measure more than the rest, which come first.
alter table round_hive add column larger_loads int default 0 not null;
alter table round_hive add column larger_product double precision;
alter table round_hive add column larger_acid double precision;
