-- A password that the keeper set must be changed by whom it is for.
alter table account add column first_password boolean default false not null;
