-- A hive has a life: it begins, moves, is renamed, united, ends. What stands in hive is where it is now, or was last.
alter table hive add column began_as varchar(20) default 'ALREADY_HERE' not null
  check (began_as in ('ALREADY_HERE', 'SWARM', 'PACKAGE', 'NUCLEUS', 'SPLIT'));
alter table hive add column first_apiary_id uuid references apiary;
alter table hive add column first_name varchar(60);
alter table hive add column mother_id uuid references hive;
alter table hive add column ended_on date;
update hive set first_apiary_id = apiary_id, first_name = name;
alter table hive alter column first_apiary_id set not null;
alter table hive alter column first_name set not null;
alter table hive add constraint hive_split_has_a_mother check ((mother_id is not null) = (began_as = 'SPLIT'));

-- A number freed by a hive that ended may be used again.
alter table hive drop constraint hive_name_once;
alter table hive add column living_key varchar(60) generated always as (case when ended_on is null then lower(name) end);
alter table hive add constraint hive_living_name_once unique (apiary_id, living_key);

-- What happened to hives: rows are added; one that was wrong is struck out, and stays. Rows of one act share its key.
create table hive_life (
  id          uuid primary key,
  act_id      uuid not null,
  hive_id     uuid not null references hive,
  on_day      date not null,
  kind        varchar(10) not null check (kind in ('MOVED', 'RENAMED', 'QUEEN', 'UNITED', 'ENDED')),
  apiary_id   uuid references apiary,
  name        varchar(60),
  queen       varchar(20),
  queen_year  int,
  queen_mark  varchar(200),
  queen_line  varchar(200),
  into_id     uuid references hive,
  end_kind    varchar(20),
  end_sign    varchar(30),
  says        varchar(200),
  done_by     varchar(60) not null,
  account_id  uuid not null references account,
  received_at timestamp(6) with time zone not null,
  struck_by   varchar(60),
  struck_at   timestamp(6) with time zone,
  struck_why  varchar(200),
  constraint life_moved_to check ((apiary_id is not null) = (kind = 'MOVED')),
  constraint life_renamed_as check ((name is not null) = (kind = 'RENAMED')),
  constraint life_queen check ((queen is not null) = (kind = 'QUEEN')),
  constraint life_united_into check ((into_id is not null) = (kind = 'UNITED')),
  constraint life_ended_how check ((end_kind is not null) = (kind = 'ENDED'))
);
create index hive_life_by_hive on hive_life (hive_id, on_day);
create index hive_life_by_act on hive_life (act_id);
create index hive_life_by_receiver on hive_life (into_id);

-- Where each hive stood under which name, drawn anew from its life whenever that grows; to_day is the first day after.
create table hive_stay (
  hive_id   uuid not null references hive,
  number    int not null,
  apiary_id uuid not null references apiary,
  name      varchar(60) not null,
  from_day  date,
  to_day    date,
  name_key  varchar(60) generated always as (lower(name)),
  primary key (hive_id, number)
);
create index hive_stay_by_apiary on hive_stay (apiary_id, to_day);
create index hive_stay_by_name on hive_stay (name_key);
insert into hive_stay (hive_id, number, apiary_id, name, from_day, to_day)
  select id, 1, apiary_id, name, since, null from hive;
create index hive_by_mother on hive (mother_id);

-- A yard that nobody uses for a time.
alter table apiary add column closed_on date;

-- What one has to know to get there, and what to say if something happens there.
create table apiary_card (
  apiary_id  uuid primary key references apiary,
  gate_code  varchar(60),
  way_in     varchar(500),
  landowner  varchar(120),
  telephone  varchar(60),
  parking    varchar(200),
  coverage   varchar(200),
  rescue     varchar(500),
  written_by varchar(60) not null,
  written_at timestamp(6) with time zone not null
);

-- What somebody wrote about a hive, a yard, a run, a tool or a lot. Struck out rather than changed.
create table note (
  id         uuid primary key,
  about      varchar(5) not null check (about in ('HIVE', 'YARD', 'RUN', 'TOOL', 'LOT')),
  about_id   uuid not null,
  says       varchar(2000) not null,
  written_at timestamp(6) with time zone not null,
  written_by varchar(60) not null,
  account_id uuid not null references account,
  struck_at  timestamp(6) with time zone,
  struck_by  varchar(60)
);
create index note_by_thing on note (about_id, written_at);

-- The lasting short code on a hive's tag, and the address at which phones reach this server.
create table hive_tag (
  hive_id uuid primary key references hive,
  code    varchar(12) not null,
  made_at timestamp(6) with time zone not null,
  constraint hive_tag_code_once unique (code)
);
create table tag_host (
  only_one   boolean default true not null check (only_one),
  host       varchar(200) not null,
  written_by varchar(60) not null,
  written_at timestamp(6) with time zone not null,
  primary key (only_one)
);

-- What a crew said at the row of a hive that was left out, and the keeper says is not so.
create table proposal_turned_down (
  event_id   uuid primary key references run_event,
  account_id uuid not null references account,
  at         timestamp(6) with time zone not null
);
