-- How a hive stands, beside its boxes and floor.
alter table hive add column yard_row int default 1 not null check (yard_row between 1 and 99);
alter table hive add column material varchar(10) default 'WOOD' not null;
alter table hive add column entrance varchar(20) default 'FULL' not null;
alter table hive add column shutting varchar(20) default 'WET_CLOTH' not null;
alter table hive add column inner_cover varchar(20) default 'CLOSED' not null;
alter table hive add column cracks varchar(10) default 'NONE' not null;
alter table hive add column port varchar(20) default 'NONE' not null;
alter table hive add column supers_plan varchar(20) default 'TAKEN_OFF' not null;
alter table hive add column stand varchar(40);
alter table hive add column divided boolean default false not null;
alter table hive add constraint hive_divided_on_a_stand check (not divided or stand is not null);

-- A rule sheet that is edited becomes a new row; the old one stays for the rounds judged by it.
alter table rule_sheet add column version int default 1 not null;
alter table rule_sheet add column replaces uuid references rule_sheet;
alter table rule_sheet add constraint rule_sheet_replaced_once unique (replaces);

-- Batteries and packs that tools run on.
create table pack (
  id               uuid primary key,
  name             varchar(60) not null,
  volts            double precision not null,
  amp_hours        double precision not null,
  cutoff_volts     double precision not null,
  burns_per_charge int,
  charge_minutes   int,
  pieces           int not null check (pieces >= 1),
  name_key         varchar(60) generated always as (lower(name)),
  constraint pack_name_once unique (name_key),
  constraint pack_never_run_flat check (cutoff_volts < volts)
);

create table tool (
  id              uuid primary key,
  name            varchar(60) not null,
  family          varchar(20) not null check (family in ('PAN_WAND', 'HEATED_BOWL')),
  power           varchar(20) not null,
  acid_release    varchar(20) not null,
  end_sign        varchar(20) not null,
  capacity        double precision not null check (capacity > 0),
  preheat_seconds int not null,
  burn_seconds    int,
  cool_seconds    int not null,
  reload_seconds  int not null,
  set_celsius     double precision,
  max_celsius     double precision,
  watts           double precision,
  pack_id         uuid references pack,
  dunk_allowed    boolean not null,
  seals_every     int,
  margin_percent  double precision not null,
  price           double precision,
  note            varchar(1000),
  retired         boolean not null,
  name_key        varchar(60) generated always as (lower(name)),
  constraint tool_name_once unique (name_key),
  constraint tool_heat check (set_celsius <= max_celsius)
);

-- Burns in the open with a stopwatch. Struck out rather than changed.
create table test_burn (
  id        uuid primary key,
  tool_id   uuid not null references tool,
  load      double precision not null check (load > 0),
  seconds   double precision not null check (seconds > 0),
  pack      varchar(60),
  celsius   double precision,
  note      varchar(500),
  at        timestamp(6) with time zone not null,
  done_by   varchar(60) not null,
  struck_at timestamp(6) with time zone
);
create index test_burn_by_tool on test_burn (tool_id, at);

-- What was seen or done to the gear; without a tool it is about people's filters.
create table gear_note (
  id      uuid primary key,
  tool_id uuid references tool,
  kind    varchar(20) not null check (kind in ('RESIDUE', 'FAULT', 'CLEANED', 'SEALS_CHANGED', 'FILTERS_CHANGED')),
  says    varchar(500),
  at      timestamp(6) with time zone not null,
  done_by varchar(60) not null,
  constraint gear_note_of_a_tool check ((kind = 'FILTERS_CHANGED') = (tool_id is null))
);
create index gear_note_by_tool on gear_note (tool_id, at);

-- Level scoops of one product lot, weighed one by one; the latest of a spoon and lot holds.
create table scoop_weighing (
  id        uuid primary key,
  product   varchar(80) not null,
  lot       varchar(60),
  spoon     varchar(20) not null,
  grams     varchar(400) not null,
  at        timestamp(6) with time zone not null,
  done_by   varchar(60) not null,
  struck_at timestamp(6) with time zone
);

-- The tool of a round as it was on the day, and what is new on its sheet.
alter table round add column tool_id uuid references tool;
alter table round add column tool_family varchar(20) default 'HEATED_BOWL' not null;
alter table round add column cool_seconds int default 0 not null;
alter table round add column reload_seconds int default 0 not null;
alter table round add column loosening double precision;
alter table round alter column supers_plan set null;

alter table round_hive add column supers_plan varchar(20);
update round_hive set supers_plan = (select r.supers_plan from round r where r.id = round_hive.round_id);
alter table round_hive alter column supers_plan set not null;
alter table round_hive add column first_product double precision;
alter table round_hive add column first_acid double precision;
alter table round_hive add column burn_seconds int;
alter table round_hive add column burn_says varchar(200);
alter table round_hive add column kept double precision;
alter table round_hive add column exception varchar(200);
alter table round_hive add column tasks varchar(2000) default '' not null;
alter table round_hive alter column each_load varchar(60);

-- The kit of a round, counted when it was planned and ticked as the truck is packed.
create table round_kit (
  round_id   uuid not null references round,
  item       varchar(30) not null,
  number     int not null,
  item_group varchar(20) not null,
  name       varchar(200) not null,
  amount     varchar(60) not null,
  why        varchar(300) not null,
  ticked_by  varchar(60),
  ticked_at  timestamp(6) with time zone,
  primary key (round_id, item)
);
