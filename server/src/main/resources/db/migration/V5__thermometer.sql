-- What somebody read and felt in an apiary; never changed, the latest goes before every other source for an hour.
create table weather_reading (
  id         uuid primary key,
  apiary_id  uuid not null references apiary,
  at         timestamp(6) with time zone not null,
  celsius    double precision not null,
  wind       varchar(10) not null,
  wind_from  int not null check (wind_from between 0 and 359),
  rain       boolean not null,
  done_by    varchar(60) not null
);
create index weather_reading_by_apiary on weather_reading (apiary_id, at);
