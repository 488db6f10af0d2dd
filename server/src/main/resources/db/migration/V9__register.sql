-- The register: one row a hive and round, drawn from its run log, or a treatment that somebody typed. What is recorded is
-- never changed by hand: corrections stand beside it, and the columns _now and stands tell what holds with them.
create table entry (
  id               uuid primary key,
  on_day           date not null,
  apiary_id        uuid not null references apiary,
  hive_id          uuid not null references hive,
  hive_name        varchar(60) not null,
  means            varchar(20) not null,
  method           varchar(200) not null,
  amount           varchar(80),
  round_id         uuid,
  started_at       timestamp(6) with time zone,
  removed_at       timestamp(6) with time zone,
  opened_at        timestamp(6) with time zone,
  loads            int not null,
  acid             double precision not null check (acid >= 0),
  product_grams    double precision not null check (product_grams >= 0),
  product          varchar(80),
  lot              varchar(60),
  people           varchar(400) not null,
  supers           int not null,
  supers_plan      varchar(20) not null,
  waiting_days     int,
  rule_sheet_id    uuid references rule_sheet,
  verdict          varchar(20),
  label_says       varchar(400),
  off_label_reason varchar(500),
  celsius          double precision,
  wind_ms          double precision,
  wind_from        int,
  weather_from     varchar(60),
  made_up          boolean,
  remarks          varchar(4000) not null,
  written_at       timestamp(6) with time zone not null,
  acid_now         double precision not null,
  product_now      double precision not null,
  lot_now          varchar(60),
  stands           boolean not null,
  corrected        boolean not null,
  foreign key (round_id, hive_id) references round_hive,
  constraint entry_once_a_round unique (round_id, hive_id),
  constraint entry_drawn_has_burns check (round_id is null or started_at is not null)
);

insert into entry (
    id, on_day, apiary_id, hive_id, hive_name, means, method, round_id, started_at, removed_at, opened_at, loads, acid,
    product_grams, product, lot, people, supers, supers_plan, waiting_days, rule_sheet_id, verdict, label_says,
    off_label_reason, celsius, wind_ms, wind_from, weather_from, made_up, remarks, written_at, acid_now, product_now,
    lot_now, stands, corrected)
  select random_uuid(7), t.on_day, r.apiary_id, t.hive_id, rh.hive_name, 'OXALIC_VAPOUR', 'vapour, ' || r.tool, t.round_id,
         t.started_at, t.removed_at, t.opened_at, t.loads, t.acid, t.product, r.product, r.lot, t.people, rh.supers,
         rh.supers_plan, s.waiting_days, s.id, rh.verdict, rh.label_says,
         case when rh.verdict = 'NOT_ON_LABEL' then r.off_label_reason end, t.celsius, t.wind_ms, t.wind_from,
         t.weather_from, t.made_up, t.remarks, t.started_at, t.acid, t.product, r.lot, true, false
  from treatment t
  join round r on r.id = t.round_id
  join round_hive rh on rh.round_id = t.round_id and rh.hive_id = t.hive_id
  join rule_sheet s on s.id = r.rule_sheet_id
  order by t.on_day, t.started_at;

drop table treatment;
alter table entry rename to treatment;

-- The orders in which the register is read.
create index treatment_by_day on treatment (on_day desc, started_at desc, id desc);
create index treatment_by_apiary on treatment (apiary_id, on_day desc, started_at desc, id desc);
create index treatment_by_hive on treatment (hive_id, on_day desc, started_at desc, id desc);

-- What was put right later, never changed itself. Ids are made on the device.
create table correction (
  id           uuid primary key,
  treatment_id uuid not null references treatment,
  number       int not null check (number >= 1),
  field        varchar(20) not null,
  was          varchar(4000) not null,
  becomes      varchar(500) not null,
  why          varchar(500) not null,
  done_by      varchar(60) not null,
  account_id   uuid not null references account,
  at           timestamp(6) with time zone not null,
  constraint correction_in_order unique (treatment_id, number)
);

-- What counts towards the treatments with oxalic acid: in one place for all who count them.
create view oxalic_given as
  select id, apiary_id, hive_id, on_day
  from treatment
  where stands and means in ('OXALIC_VAPOUR', 'OXALIC_TRICKLED');

-- The run log once more: one index serves both of an event's keys and the reading of a round's log. Accounts are never
-- removed; a key to them would bring an index of its own that nobody reads by.
create table run_log (
  id          uuid primary key,
  round_id    uuid not null,
  hive_id     uuid,
  kind        varchar(20) not null,
  at          timestamp(6) with time zone not null,
  done_by     varchar(60) not null,
  account_id  uuid not null,
  load        int,
  reason      varchar(500),
  undoes      uuid,
  received_at timestamp(6) with time zone not null,
  tool        int check (tool between 1 and 6),
  clock_off   int,
  constraint run_log_undo check ((kind = 'UNDONE') = (undoes is not null))
);
create index run_event_by_round_and_hive on run_log (round_id, hive_id);
alter table run_log add foreign key (round_id) references round;
alter table run_log add foreign key (round_id, hive_id) references round_hive;
insert into run_log (
    id, round_id, hive_id, kind, at, done_by, account_id, load, reason, undoes, received_at, tool, clock_off)
  select id, round_id, hive_id, kind, at, done_by, account_id, load, reason, undoes, received_at, tool, clock_off
  from run_event;
drop table run_event;
alter table run_log rename to run_event;

-- Sums of the register, drawn anew for a hive or a round whenever a line of it is written: what every page asks for
-- must not read half a million lines. They are not part of an outfit file; derived.sql draws them after one is brought in.
create table treatment_sum (
  hive_id    uuid not null references hive,
  on_year    int not null,
  apiary_id  uuid not null,
  off_label  boolean not null,
  corrected  boolean not null,
  typed      boolean not null,
  line_count int not null,
  struck     int not null,
  acid       double precision not null,
  product    double precision not null,
  primary key (hive_id, on_year, apiary_id, off_label, corrected, typed)
);
create index treatment_sum_by_year on treatment_sum (on_year, apiary_id);

create table treatment_round (
  round_id   uuid not null references round,
  lot        varchar(60) not null,
  apiary_id  uuid not null,
  on_day     date not null,
  began      timestamp(6) with time zone not null,
  ended      timestamp(6) with time zone not null,
  line_count int not null,
  loads      int not null,
  acid       double precision not null,
  product    double precision not null,
  off_label  boolean not null,
  corrected  boolean not null,
  people     int not null,
  primary key (round_id, lot)
);
create index treatment_round_by_day on treatment_round (on_day, apiary_id);

-- The few lines that somebody looks for: off the label, corrected, or typed.
create table treatment_special (
  id uuid primary key references treatment
);

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
