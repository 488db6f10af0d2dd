-- How a colony stands to its deadline, as it was reckoned last; reckoned anew when its stamp differs. No part of the outfit.
create table hive_outlook (
  hive_id uuid primary key references hive on delete cascade,
  stamp   varchar(64) not null,
  outlook clob not null
);

-- A line of what needs somebody, put off until a day with a reason.
create table put_off (
  id         uuid primary key,
  line       varchar(200) not null,
  until_day  date not null,
  reason     varchar(200) not null,
  done_by    varchar(60) not null,
  account_id uuid not null references account,
  at         timestamp(6) with time zone not null,
  ended_at   timestamp(6) with time zone
);
create index put_off_open on put_off (ended_at, until_day);

-- Squares that were counted of a board: 20:3,5|20:1,2 are two strips of twenty, two squares counted of each.
alter table mite_count add column squares varchar(4000);

-- The address of a person's own calendar, and what rings in it.
create table person_calendar (
  account_id   uuid primary key references account,
  calendar_key varchar(64) not null unique,
  rings        varchar(200) not null,
  made_at      timestamp(6) with time zone not null
);
