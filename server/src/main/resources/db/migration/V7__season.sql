-- Where crews start and end: one row, once anybody has said so.
create table depot (
  only_one  boolean primary key check (only_one),
  name      varchar(60) not null,
  latitude  double precision not null check (latitude between -90 and 90),
  longitude double precision not null check (longitude between -180 and 180),
  zone      varchar(60) not null
);

-- People and tools that travel together. Times are of the depot's clock.
create table road_crew (
  id               uuid primary key,
  name             varchar(60) not null,
  place            int not null,
  leaves_from      varchar(5) not null,
  back_by          varchar(5) not null,
  longest_minutes  int not null check (longest_minutes between 60 and 1440),
  burners          int not null check (burners >= 1),
  helpers          int not null check (helpers >= 0),
  cloths           int not null check (cloths >= 1),
  minutes_per_hive double precision check (minutes_per_hive > 0),
  retired          boolean not null,
  calendar_key     varchar(60) unique
);

-- The tools of a crew; the same tool of the gear may be with several crews on different days.
create table road_crew_tool (
  crew_id uuid not null references road_crew,
  tool_id uuid not null references tool,
  number  int not null,
  primary key (crew_id, number)
);

create table road_crew_off (
  crew_id uuid not null references road_crew,
  on_day  date not null,
  primary key (crew_id, on_day)
);

-- Ways that somebody drove and timed, between apiaries or from the depot, whose id is all zeros.
create table measured_way (
  one     uuid not null,
  other   uuid not null,
  km      double precision not null check (km >= 0),
  minutes int not null check (minutes >= 0),
  primary key (one, other)
);

-- The days that the season plan covers: one row.
create table season_span (
  only_one  boolean primary key check (only_one),
  first_day date not null,
  last_day  date not null,
  constraint season_span_forward check (first_day <= last_day)
);

-- What a series is planned by. Until the plan is agreed there is no series with this id.
create table season_course (
  id               uuid primary key,
  apiary_id        uuid not null references apiary,
  name             varchar(80) not null,
  rounds           int not null check (rounds between 1 and 40),
  least_gap        int not null,
  wanted_gap       int not null,
  most_gap         int not null,
  start_on         date not null,
  last_day         date not null,
  finish_by        date,
  broodless        boolean not null,
  rule_sheet_id    uuid references rule_sheet,
  grams_per_box    double precision not null check (grams_per_box > 0),
  tool             varchar(60) not null,
  off_label_reason varchar(500),
  constraint season_course_gaps check (1 <= least_gap and least_gap <= wanted_gap and wanted_gap <= most_gap)
);

-- Every round's place, as it stands and as it was agreed last.
create table season_visit (
  course_id      uuid not null,
  number         int not null check (number >= 1),
  crew_id        uuid references road_crew,
  on_day         date,
  pinned         boolean not null,
  agreed_crew_id uuid references road_crew,
  agreed_day     date,
  primary key (course_id, number),
  constraint season_visit_whole check ((crew_id is null) = (on_day is null)),
  constraint season_visit_agreed check ((agreed_crew_id is null) = (agreed_day is null)),
  constraint season_visit_pinned check (not pinned or crew_id is not null)
);

-- Days on which nothing new is planned: locked by the keeper, or rained off.
create table season_locked (
  on_day date primary key,
  reason varchar(200) not null
);

-- A series that comes from the season plan was not reckoned on a bench.
alter table series alter column bench_hive_id set null;
alter table series alter column bench set null;

alter table apiary add column altitude double precision check (altitude between -500 and 6000);

-- Bands of an apiary's year beside its dates: flows, further supers, days on which nobody may come.
create table year_band (
  id        uuid primary key,
  apiary_id uuid not null references apiary,
  kind      varchar(10) not null check (kind in ('FLOW', 'SUPERS', 'OFF')),
  name      varchar(60) not null,
  from_day  date not null,
  to_day    date not null,
  yearly    boolean not null,
  constraint year_band_forward check (from_day <= to_day)
);
create index year_band_by_apiary on year_band (apiary_id);

-- Hourly weather brought in from a file, by apiary.
create table weather_hour (
  apiary_id uuid not null references apiary,
  begins    timestamp(6) with time zone not null,
  celsius   double precision not null,
  wind_ms   double precision not null,
  wind_from int not null,
  rain_mm   double precision not null,
  cloud     double precision not null,
  file      varchar(80) not null,
  primary key (apiary_id, begins)
);
