-- Boxes and supers have days of their own: what stands in hive is how it stands now. A super that went to another hive
-- takes the wait for its honey along.
alter table hive add column first_boxes varchar(200);
alter table hive add column first_supers int;
update hive set first_boxes = boxes, first_supers = supers;
alter table hive alter column first_boxes set not null;
alter table hive alter column first_supers set not null;

alter table hive_life drop constraint life_moved_to;
alter table hive_life drop constraint life_renamed_as;
alter table hive_life drop constraint life_queen;
alter table hive_life drop constraint life_united_into;
alter table hive_life drop constraint life_ended_how;
alter table hive_life add column what varchar(10);
update hive_life set what = kind;
alter table hive_life drop column kind;
alter table hive_life alter column what rename to kind;
alter table hive_life alter column kind set not null;
alter table hive_life add column boxes varchar(200);
alter table hive_life add column supers int;
alter table hive_life add column supers_from_id uuid references hive;
alter table hive_life add constraint life_kind check (kind in ('MOVED', 'RENAMED', 'QUEEN', 'UNITED', 'ENDED', 'SET_UP'));
alter table hive_life add constraint life_moved_to check ((apiary_id is not null) = (kind = 'MOVED'));
alter table hive_life add constraint life_renamed_as check ((name is not null) = (kind = 'RENAMED'));
alter table hive_life add constraint life_queen check ((queen is not null) = (kind = 'QUEEN'));
alter table hive_life add constraint life_united_into check ((into_id is not null) = (kind = 'UNITED'));
alter table hive_life add constraint life_ended_how check ((end_kind is not null) = (kind = 'ENDED'));
alter table hive_life add constraint life_set_up check ((boxes is not null and supers is not null) = (kind = 'SET_UP'));
create index hive_life_by_supers on hive_life (supers_from_id);

-- A yard under an order of the authority or a ban on movement.
create table apiary_hold (
  id         uuid primary key,
  apiary_id  uuid not null references apiary,
  from_day   date not null,
  why        varchar(200) not null,
  until_day  date,
  said_by    varchar(60) not null,
  account_id uuid not null references account,
  said_at    timestamp(6) with time zone not null,
  lifted_by  varchar(60),
  lifted_at  timestamp(6) with time zone
);
create index apiary_hold_by_apiary on apiary_hold (apiary_id, until_day);

-- Hives of a yard looked for, one by one, against what is written of it.
create table stocktake (
  id         uuid primary key,
  apiary_id  uuid not null references apiary,
  on_day     date not null,
  written    int not null,
  found      int not null,
  dead       int not null,
  gone       int not null,
  unread     int not null,
  added      int not null,
  done_by    varchar(60) not null,
  account_id uuid not null references account,
  at         timestamp(6) with time zone not null,
  struck_by  varchar(60),
  struck_at  timestamp(6) with time zone
);
create index stocktake_by_apiary on stocktake (apiary_id, on_day);

-- Whom to call where somebody has breathed vapour or got acid on.
alter table apiary_card add column poison_centre varchar(120);
