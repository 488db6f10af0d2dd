-- How a hive came through a winter, named by the year of its spring; the latest entry of a hive and winter holds.
create table winter_outcome (
  id          uuid primary key,
  hive_id     uuid not null references hive,
  winter      int not null check (winter between 1990 and 2200),
  on_day      date not null,
  outcome     varchar(10) not null check (outcome in ('STRONG', 'WEAK', 'DEAD', 'GONE')),
  sign        varchar(20),
  note        varchar(300),
  done_by     varchar(60) not null,
  account_id  uuid not null references account,
  received_at timestamp(6) with time zone not null,
  constraint winter_outcome_sign check (outcome = 'DEAD' or sign is null)
);
create index winter_outcome_by_hive on winter_outcome (hive_id, winter, received_at);
