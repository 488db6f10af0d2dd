-- In which unit a person weighs, whether scoops or weights are told first, what liquids are measured in, and on which
-- day the week begins.
alter table person_units add mass varchar(10) default 'GRAMS' not null;
alter table person_units add measures varchar(20) default 'WEIGHT_FIRST' not null;
alter table person_units add volume varchar(20) default 'LITRES' not null;
alter table person_units add week_start varchar(10) default 'MONDAY' not null;
