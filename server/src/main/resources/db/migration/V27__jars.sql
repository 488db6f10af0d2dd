-- Bees of several hives in one jar: they tell of the mean of those hives, and of none alone.
create table jar_count (
  id         uuid primary key,
  apiary_id  uuid not null references apiary,
  on_day     date not null,
  kind       varchar(20) not null check (kind in ('WASH', 'SUGAR_ROLL')),
  mites      int not null,
  bees       int not null,
  done_by    varchar(60) not null,
  account_id uuid not null references account,
  at         timestamp(6) with time zone not null,
  struck_at  timestamp(6) with time zone,
  struck_by  varchar(60)
);
create index jar_count_by_apiary on jar_count (apiary_id, on_day);
create table jar_hive (
  jar_id  uuid not null references jar_count,
  hive_id uuid not null references hive,
  primary key (jar_id, hive_id)
);
create index jar_hive_by_hive on jar_hive (hive_id);
