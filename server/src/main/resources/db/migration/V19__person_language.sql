-- In which language a person reads; whoever has no row goes by the device.
create table person_language (
  account_id uuid primary key references account,
  language   varchar(10) not null
);
