-- That a yard's sample stands for its hives that were not sampled, because the keeper says so.
create table yard_word (
  id         uuid primary key,
  apiary_id  uuid not null references apiary,
  on_day     date not null,
  hives      int not null,
  bees       int not null,
  share      double precision not null,
  low        double precision not null,
  high       double precision not null,
  k          double precision not null,
  said_by    varchar(60) not null,
  account_id uuid not null references account,
  at         timestamp(6) with time zone not null,
  struck_at  timestamp(6) with time zone,
  struck_by  varchar(60)
);
create index yard_word_by_apiary on yard_word (apiary_id, at);
