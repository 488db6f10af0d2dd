-- How the outfit usually works: one row, once anybody has said so.
create table usual_work (
  only_one         boolean primary key check (only_one),
  burners          int not null check (burners >= 1),
  helpers          int not null check (helpers >= 0),
  cloths           int not null check (cloths >= 1),
  caps             int check (caps >= 1),
  prepared_ahead   boolean not null,
  set_up           int not null,
  clear_away       int not null,
  walk_and_shut    int not null,
  load_cold        int not null,
  disconnect       int not null,
  withdraw         int not null,
  opening          int not null,
  fill_cap         int not null,
  seal             int not null,
  open_first_after int not null,
  stays_with_bowl  boolean not null
);
