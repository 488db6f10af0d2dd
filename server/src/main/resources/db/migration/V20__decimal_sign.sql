-- Which sign parts whole from tenths for a person; whoever chose units before goes by the point.
alter table person_units add decimals varchar(10) default 'POINT' not null;
