-- In which units a person reads and writes; whoever has no row goes by the device's region.
create table person_units (
  account_id  uuid primary key references account,
  temperature varchar(20) not null,
  wind        varchar(20) not null,
  road        varchar(20) not null,
  clock       varchar(20) not null,
  dates       varchar(20) not null
);
