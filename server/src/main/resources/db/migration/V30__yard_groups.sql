-- Yards that belong together for somebody: a crew's, a region's. A yard can stand in several groups.
create table yard_group (
  name      varchar(40) not null,
  apiary_id uuid not null references apiary,
  primary key (name, apiary_id)
);
create index yard_group_by_apiary on yard_group (apiary_id);
