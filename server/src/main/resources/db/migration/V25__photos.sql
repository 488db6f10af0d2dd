-- Pictures of things. The files lie in the data folder under the digest of what is in them, so that the same is kept once.
create table photo (
  id         uuid primary key,
  about      varchar(5) not null check (about in ('HIVE', 'YARD', 'RUN', 'TOOL', 'LOT')),
  about_id   uuid not null,
  file_name  varchar(70) not null,
  width      int not null,
  height     int not null,
  written_at timestamp(6) with time zone not null,
  written_by varchar(60) not null,
  account_id uuid not null references account,
  struck_at  timestamp(6) with time zone,
  struck_by  varchar(60)
);
create index photo_by_thing on photo (about, about_id, written_at);
create index photo_by_file on photo (file_name);
