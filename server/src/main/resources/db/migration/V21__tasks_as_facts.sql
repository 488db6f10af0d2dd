-- What to do at a hive before its burn, as codes, one a line; rounds from before have the English words alone.
alter table round_hive add column todo varchar(500) default '' not null;
