-- What keepers commonly do is called a preset everywhere.
alter table apiary_hours drop constraint apiary_hours_school_or_own;
alter table apiary_hours alter column school rename to preset;
alter table apiary_hours add constraint apiary_hours_preset_or_own check (
  (preset is null and own_from is not null and own_to is not null and own_from < own_to)
  or (preset is not null and own_from is null and own_to is null));
