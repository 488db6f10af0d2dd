-- Who of the outfit's people goes with which crew.
create table road_crew_member (
  crew_id    uuid not null references road_crew,
  account_id uuid not null references account,
  primary key (crew_id, account_id)
);
create index road_crew_member_by_account on road_crew_member (account_id);
