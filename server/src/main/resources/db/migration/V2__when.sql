-- The dates and limits of an apiary's year. No row: what is usual at its latitude.
create table apiary_season (
  apiary_id        uuid primary key references apiary,
  spring_from      varchar(7) not null,
  spring           double precision not null,
  late_summer_from varchar(7) not null,
  late_summer      double precision not null,
  winter_from      varchar(7) not null,
  winter           double precision not null,
  laying_stops     varchar(7) not null,
  laying_starts    varchar(7) not null,
  shift_days       int not null,
  supers_on        varchar(7),
  supers_off       varchar(7),
  winter_bees      varchar(7) not null,
  roll_recovery    double precision not null check (roll_recovery > 0 and roll_recovery <= 1),
  constraint apiary_season_supers check ((supers_on is null) = (supers_off is null))
);

-- Figures of the computation that the keeper set otherwise than usual.
create table own_figure (
  knob   varchar(40) primary key,
  amount double precision not null
);

-- Mites counted: a sample of bees (washed or rolled) or a board under the floor. Ids are made on the device.
create table hive_count (
  id          uuid primary key,
  hive_id     uuid not null references hive,
  on_day      date not null,
  kind        varchar(10) not null check (kind in ('WASH', 'SUGAR_ROLL', 'BOARD')),
  mites       int not null check (mites >= 0),
  bees        int,
  hours       double precision,
  is_natural  boolean not null,
  done_by     varchar(60) not null,
  account_id  uuid not null references account,
  received_at timestamp(6) with time zone not null,
  struck_at   timestamp(6) with time zone,
  constraint hive_count_sample check ((kind = 'BOARD') = (bees is null) and (kind = 'BOARD') = (hours is not null)),
  constraint hive_count_possible check (bees is null or (bees >= 1 and mites <= bees))
);
create index hive_count_by_hive on hive_count (hive_id, on_day);

-- Boards that lie under a hive and wait to be read.
create table board_laid (
  id         uuid primary key,
  hive_id    uuid not null references hive,
  laid_at    timestamp(6) with time zone not null,
  done_by    varchar(60) not null,
  account_id uuid not null references account,
  read_at    timestamp(6) with time zone
);
create index board_laid_by_hive on board_laid (hive_id);

create table hive_sign (
  id          uuid primary key,
  hive_id     uuid not null references hive,
  on_day      date not null,
  sign        varchar(20) not null,
  done_by     varchar(60) not null,
  account_id  uuid not null references account,
  received_at timestamp(6) with time zone not null,
  struck_at   timestamp(6) with time zone
);
create index hive_sign_by_hive on hive_sign (hive_id, on_day);

-- What was decided for a hive after a count; the latest holds.
create table hive_decision (
  id         uuid primary key,
  hive_id    uuid not null references hive,
  choice     varchar(10) not null check (choice in ('TREAT', 'LEAVE', 'WATCH')),
  reason     varchar(500),
  on_day     date not null,
  done_by    varchar(60) not null,
  account_id uuid not null references account,
  decided_at timestamp(6) with time zone not null,
  constraint hive_decision_reason check (choice <> 'LEAVE' or reason is not null)
);
create index hive_decision_by_hive on hive_decision (hive_id, decided_at);

-- What happened to a colony's brood, and what was seen of it.
create table brood_event (
  id             uuid primary key,
  hive_id        uuid not null references hive,
  on_day         date not null,
  kind           varchar(20) not null,
  comb           varchar(20),
  youngest       varchar(20),
  new_queen      varchar(20),
  left_brood     varchar(20),
  released       date,
  capped         varchar(20),
  capped_frames  double precision,
  open_brood     varchar(20),
  frames_of_bees double precision,
  done_by        varchar(60) not null,
  account_id     uuid not null references account,
  received_at    timestamp(6) with time zone not null,
  struck_at      timestamp(6) with time zone
);
create index brood_event_by_hive on brood_event (hive_id, on_day);

-- A series of rounds for chosen hives of an apiary.
create table series (
  id               uuid primary key,
  apiary_id        uuid not null references apiary,
  name             varchar(80) not null,
  rule_sheet_id    uuid references rule_sheet,
  grams_per_box    double precision not null check (grams_per_box > 0),
  tool             varchar(60) not null,
  off_label_reason varchar(500),
  verdict          varchar(20),
  label_says       varchar(400),
  bench_hive_id    uuid not null references hive,
  bench            varchar(4000) not null,
  adopted_on       date not null,
  adopted_by       varchar(60) not null,
  adopted_at       timestamp(6) with time zone not null,
  ended_at         timestamp(6) with time zone
);
create index series_by_apiary on series (apiary_id);

create table series_hive (
  series_id uuid not null references series,
  hive_id   uuid not null references hive,
  primary key (series_id, hive_id)
);

-- A round of a series: its day as it stands, and as it was adopted. left_out: given up when days were re-spaced.
create table series_round (
  series_id  uuid not null references series,
  number     int not null check (number >= 1),
  on_day     date not null,
  first_day  date not null,
  left_out   boolean not null,
  primary key (series_id, number)
);

alter table round add column series_id uuid references series;
alter table round add column series_number int;
create index round_by_series on round (series_id, series_number);
