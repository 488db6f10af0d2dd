-- What had been foretold of the hour of a reading, and whether it was offered and worth working in; null where nobody told.
alter table weather_reading add column foretold_celsius double precision;
alter table weather_reading add column foretold_workable boolean;
alter table weather_reading add column read_workable boolean;
