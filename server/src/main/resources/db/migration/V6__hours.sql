-- By what an apiary's hours are judged: a school of warmth or an own range, and a rule sheet's temperatures.
create table apiary_hours (
  apiary_id     uuid primary key references apiary,
  school        varchar(20),
  own_from      double precision,
  own_to        double precision,
  rule_sheet_id uuid references rule_sheet,
  constraint apiary_hours_school_or_own check (
    (school is null and own_from is not null and own_to is not null and own_from < own_to)
    or (school is not null and own_from is null and own_to is null))
);
