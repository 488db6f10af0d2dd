-- One word for one thing: the tables are called as the rest of the program calls what they hold.
alter table hive_count rename to mite_count;
alter table own_figure rename to own_parameter;
alter table own_parameter alter column knob rename to parameter;
alter table apiary_season rename to apiary_year;
alter table season_course rename to planned_series;
alter table season_visit alter column course_id rename to series_id;

-- What is oxalic acid is decided where treatments are, not here.
drop view oxalic_given;
