-- Since when a hive stands, where somebody said; nothing is counted or treated in it before. And the line of its bees.
alter table hive add column since date;
alter table hive add column line varchar(60);
