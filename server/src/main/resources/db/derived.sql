-- What is reckoned from the tables of an outfit file, once it has been brought in.
insert into treatment_sum (hive_id, on_year, apiary_id, off_label, corrected, typed, line_count, struck, acid, product)
  select hive_id, year(on_day), apiary_id, coalesce(verdict = 'NOT_ON_LABEL', false), corrected, round_id is null, count(*),
         count(case when not stands then 1 end), coalesce(sum(case when stands then acid_now end), 0),
         coalesce(sum(case when stands then product_now end), 0)
  from treatment
  group by hive_id, year(on_day), apiary_id, coalesce(verdict = 'NOT_ON_LABEL', false), corrected, round_id is null;

insert into treatment_round (
    round_id, lot, apiary_id, on_day, began, ended, line_count, loads, acid, product, off_label, corrected, people)
  select t.round_id, coalesce(t.lot_now, ''), t.apiary_id, min(t.on_day), min(t.started_at),
         max(coalesce(t.opened_at, t.removed_at, t.started_at)), count(*), sum(t.loads), sum(t.acid_now),
         sum(t.product_now), bool_or(coalesce(t.verdict = 'NOT_ON_LABEL', false)), bool_or(t.corrected),
         (select count(distinct e.done_by) from run_event e where e.round_id = t.round_id)
  from treatment t
  where t.stands and t.round_id is not null
  group by t.round_id, coalesce(t.lot_now, ''), t.apiary_id;

insert into treatment_special (id)
  select id
  from treatment
  where verdict = 'NOT_ON_LABEL' or corrected or round_id is null;
