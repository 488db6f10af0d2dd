-- Product bought. Struck out rather than changed.
create table acid_lot (
  id          uuid primary key,
  name        varchar(60) not null,
  product     varchar(80) not null,
  bought_on   date not null,
  grams       double precision not null check (grams > 0),
  strength    double precision not null check (strength > 0 and strength <= 1),
  price       double precision check (price >= 0),
  supplier    varchar(80),
  done_by     varchar(60) not null,
  account_id  uuid not null references account,
  received_at timestamp(6) with time zone not null,
  struck_at   timestamp(6) with time zone
);

-- What was found of a lot when it was weighed.
create table stock_take (
  id          uuid primary key,
  lot_id      uuid not null references acid_lot,
  on_day      date not null,
  grams       double precision not null check (grams >= 0),
  done_by     varchar(60) not null,
  account_id  uuid not null references account,
  received_at timestamp(6) with time zone not null,
  struck_at   timestamp(6) with time zone
);
create index stock_take_by_lot on stock_take (lot_id);

-- Pieces bought or counted: seals, filters, caps, cloths.
create table supply (
  id          uuid primary key,
  kind        varchar(20) not null check (kind in ('SEALS', 'FILTERS', 'CAPS', 'CLOTHS')),
  on_day      date not null,
  pieces      int not null check (pieces >= 0),
  counted     boolean not null,
  price       double precision check (price >= 0),
  done_by     varchar(60) not null,
  account_id  uuid not null references account,
  received_at timestamp(6) with time zone not null,
  struck_at   timestamp(6) with time zone
);
