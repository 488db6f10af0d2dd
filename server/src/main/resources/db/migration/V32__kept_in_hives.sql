-- What stays in a hive for a time: by when its label wants it out, and when it came out.
create table kept_in_hive (
  treatment_id uuid primary key references treatment,
  out_by       date not null,
  out_on       date,
  done_by      varchar(60),
  account_id   uuid references account
);
