-- A password that the keeper set must be changed by whom it is for.
alter table account add column first_password boolean default false not null;

-- Who wrote a line by hand; lines from before do not tell.
alter table treatment add column written_by varchar(60);
alter table treatment add column account_id uuid;

-- Everybody who worked and everything that was out of the ordinary has room.
alter table treatment alter column people set data type varchar;
alter table treatment alter column remarks set data type varchar;
alter table correction alter column was set data type varchar;
