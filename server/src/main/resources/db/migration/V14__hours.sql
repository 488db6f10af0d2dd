-- Made-up weather stays in the demo: what a simulated station said leaves the register of those who have real hives.
update treatment
set celsius = null, wind_ms = null, wind_from = null, weather_from = null
where made_up;

update treatment set made_up = false where made_up;

-- Where an apiary's time zone comes from: its place, a person who said so, or the device that brought the apiary in.
alter table apiary add column zone_from varchar(10) default 'DEVICE' not null
  check (zone_from in ('PLACE', 'PERSON', 'DEVICE'));

-- Of hours from files: when they were told, whether by the folder, and what may not be known or is dangerous.
alter table weather_hour alter column wind_from set null;
alter table weather_hour add column made_at timestamp(6) with time zone default timestamp with time zone '1970-01-01 00:00:00+00' not null;
alter table weather_hour add column from_folder boolean default false not null;
alter table weather_hour add column thunder_or_ice boolean default false not null;

-- What somebody expects of a day, in four figures. The one made last holds; the others stay, to learn from.
create table own_forecast (
  id             uuid primary key,
  apiary_id      uuid not null references apiary,
  on_day         date not null,
  low            double precision not null,
  high           double precision not null,
  wind_ms        double precision not null,
  rain_mm        double precision not null,
  rain_from      int check (rain_from between 0 and 23),
  rain_to        int check (rain_to between 1 and 24),
  thunder_or_ice boolean not null,
  made_at        timestamp(6) with time zone not null,
  done_by        varchar(60) not null,
  struck_at      timestamp(6) with time zone,
  constraint own_forecast_low_high check (low <= high),
  constraint own_forecast_rain_hours check ((rain_from is null) = (rain_to is null))
);
create index own_forecast_by_day on own_forecast (apiary_id, on_day);

-- Files in the folder for weather, as they were read last.
create table weather_folder_file (
  name     varchar(200) primary key,
  modified timestamp(6) with time zone not null,
  bytes    bigint not null,
  read_at  timestamp(6) with time zone not null,
  taken    boolean not null,
  says     varchar(1000) not null
);

-- Between which hours a person works; no beginning is three quarters of an hour before first light.
alter table account add column works_from varchar(5);
alter table account add column works_to varchar(5) default '22:00' not null;

-- Why somebody goes on in hours that are unsafe.
alter table people_check add column unsafe_reason varchar(200);
