-- People who may sign in.
create table account (
  id            uuid primary key,
  login         varchar(60) not null,
  name          varchar(60) not null,
  password_hash varchar(100) not null,
  role          varchar(10) not null check (role in ('KEEPER', 'CREW', 'READER')),
  active        boolean not null,
  created_at    timestamp(6) with time zone not null,
  login_key     varchar(60) generated always as (lower(login)),
  constraint account_login_once unique (login_key)
);

create table apiary (
  id         uuid primary key,
  name       varchar(60) not null,
  latitude   double precision check (latitude between -90 and 90),
  longitude  double precision check (longitude between -180 and 180),
  zone       varchar(60) not null,
  created_at timestamp(6) with time zone not null,
  name_key   varchar(60) generated always as (lower(name)),
  constraint apiary_name_once unique (name_key),
  constraint apiary_place_whole check ((latitude is null) = (longitude is null))
);

-- Brood boxes are kept in the notation of a roster: "2x deep 10 + medium 8".
create table hive (
  id         uuid primary key,
  apiary_id  uuid not null references apiary,
  name       varchar(60) not null,
  place      int not null check (place between 1 and 9999),
  boxes      varchar(200) not null,
  supers     int not null check (supers between 0 and 12),
  floor      varchar(20) not null check (floor in ('SOLID', 'MESH_TIGHT_TRAY', 'MESH_LOOSE_TRAY', 'BARE_MESH')),
  created_at timestamp(6) with time zone not null,
  name_key   varchar(60) generated always as (lower(name)),
  constraint hive_name_once unique (apiary_id, name_key)
);

-- What label and law allow, as copied by the keeper. Null: the paper is silent. Rows never change.
create table rule_sheet (
  id                    uuid primary key,
  name                  varchar(80) not null,
  example               boolean not null,
  copied_by             varchar(60),
  copied_on             date,
  grams_of              varchar(20) not null,
  max_per_box           double precision,
  max_per_hive          double precision,
  max_rounds_per_series int,
  max_rounds_per_year   int,
  min_days_between      int,
  brood                 varchar(20),
  supers                varchar(20),
  waiting_days          int,
  min_seal_minutes      int,
  min_celsius           double precision,
  max_celsius           double precision,
  registered_product    boolean,
  note                  varchar(1000),
  created_at            timestamp(6) with time zone not null,
  constraint rule_sheet_has_reader check (example or (copied_by is not null and copied_on is not null)),
  constraint rule_sheet_temperatures check (min_celsius < max_celsius)
);

-- One treatment day of one apiary, as planned. Grams are of acid dihydrate unless named product.
create table round (
  id               uuid primary key,
  apiary_id        uuid not null references apiary,
  on_day           date not null,
  rule_sheet_id    uuid not null references rule_sheet,
  grams            double precision not null check (grams > 0),
  per              varchar(5) not null,
  grams_of         varchar(20) not null,
  mediums          varchar(10) not null,
  strength         double precision not null check (strength > 0 and strength <= 1),
  spoon            varchar(20),
  step             double precision not null check (step > 0),
  capacity         double precision not null check (capacity > 0),
  supers_plan      varchar(20) not null,
  seal_minutes     int not null check (seal_minutes between 1 and 60),
  tool             varchar(60) not null,
  product          varchar(80),
  lot              varchar(60),
  off_label_reason varchar(500),
  celsius          double precision,
  planned_by       varchar(60) not null,
  planned_at       timestamp(6) with time zone not null,
  discarded_at     timestamp(6) with time zone,
  finished_at      timestamp(6) with time zone
);
create index round_by_apiary on round (apiary_id, on_day);

-- The dose sheet of a round, kept as it was on the day.
create table round_hive (
  round_id         uuid not null references round,
  hive_id          uuid not null references hive,
  place            int not null,
  hive_name        varchar(60) not null,
  boxes            varchar(200) not null,
  supers           int not null,
  floor            varchar(20) not null,
  loads            int not null check (loads >= 1),
  each_load        varchar(40) not null,
  product_per_load double precision not null check (product_per_load > 0),
  acid_per_load    double precision not null check (acid_per_load > 0),
  verdict          varchar(20) not null,
  label_says       varchar(400) not null,
  primary key (round_id, hive_id)
);

create table people_check (
  round_id      uuid primary key references round,
  confirmed     varchar(200) not null,
  standing_side varchar(20),
  checked_by    varchar(60) not null,
  account_id    uuid not null references account,
  at            timestamp(6) with time zone not null
);

-- The run log: rows are added and never changed. Ids are made on the device that saw it happen.
create table run_event (
  id          uuid primary key,
  round_id    uuid not null,
  hive_id     uuid not null,
  kind        varchar(20) not null,
  at          timestamp(6) with time zone not null,
  done_by     varchar(60) not null,
  account_id  uuid not null references account,
  load        int,
  reason      varchar(500),
  undoes      uuid,
  received_at timestamp(6) with time zone not null,
  foreign key (round_id, hive_id) references round_hive,
  constraint run_event_undo check ((kind = 'UNDONE') = (undoes is not null))
);
create index run_event_by_round on run_event (round_id);

-- The register line of a hive in a round, drawn anew from the run log whenever that grows.
create table treatment (
  round_id     uuid not null,
  hive_id      uuid not null,
  on_day       date not null,
  started_at   timestamp(6) with time zone not null,
  removed_at   timestamp(6) with time zone,
  opened_at    timestamp(6) with time zone,
  loads        int not null,
  acid         double precision not null,
  product      double precision not null,
  people       varchar(400) not null,
  remarks      varchar(4000) not null,
  celsius      double precision,
  wind_ms      double precision,
  wind_from    int,
  weather_from varchar(60),
  made_up      boolean,
  primary key (round_id, hive_id),
  foreign key (round_id, hive_id) references round_hive
);
create index treatment_by_hive on treatment (hive_id, started_at);
create index treatment_by_day on treatment (on_day, started_at);
