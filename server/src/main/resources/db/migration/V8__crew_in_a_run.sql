-- Several tools and people in one run. The round's own tool is its first; these come along.
create table run_tool (
  round_id       uuid not null references round,
  number         int not null check (number between 2 and 6),
  tool_id        uuid not null references tool,
  name           varchar(60) not null,
  family         varchar(20) not null,
  cool_seconds   int not null,
  reload_seconds int not null,
  burns_per_pack int,
  primary key (round_id, number)
);

-- What one of these tools needs for a load in each hive, and which hives it must not touch.
create table run_tool_hive (
  round_id     uuid not null,
  number       int not null,
  hive_id      uuid not null,
  burn_seconds int,
  unfit        varchar(300),
  primary key (round_id, number, hive_id),
  foreign key (round_id, number) references run_tool,
  foreign key (round_id, hive_id) references round_hive
);

-- Who works in a run, and how long it was reckoned to take before it began: s from the arrival.
create table line_up (
  round_id       uuid primary key references round,
  burners        int not null check (burners between 1 and 4),
  helpers        int not null check (helpers between 0 and 4),
  cloths         int not null check (cloths >= 1),
  caps           int check (caps >= 1),
  prepared_ahead boolean not null,
  finish         int,
  most_shut      int,
  made_by        varchar(60) not null,
  made_at        timestamp(6) with time zone not null
);
create table line_up_hive (
  round_id uuid not null references line_up,
  hive_id  uuid not null,
  shut     int not null,
  out_at   int not null,
  opened   int not null,
  primary key (round_id, hive_id),
  foreign key (round_id, hive_id) references round_hive
);
alter table round_hive add column prep_seconds int default 0 not null;
alter table round_hive add column cloth boolean default true not null;

-- What happened to the crew or a tool has no hive. A device's clock that was off is told beside.
alter table run_event alter column hive_id set null;
alter table run_event add foreign key (round_id) references round;
alter table run_event add column tool int check (tool between 1 and 6);
alter table run_event add column clock_off int;

-- After a night in between people are checked again, and the day's warmth is another.
alter table people_check rename to people_check_before;
create table people_check (
  round_id      uuid not null references round,
  confirmed     varchar(200) not null,
  standing_side varchar(20),
  checked_by    varchar(60) not null,
  account_id    uuid not null references account,
  at            timestamp(6) with time zone not null,
  celsius       double precision,
  primary key (round_id, at)
);
insert into people_check (round_id, confirmed, standing_side, checked_by, account_id, at)
  select round_id, confirmed, standing_side, checked_by, account_id, at
  from people_check_before;
drop table people_check_before;
