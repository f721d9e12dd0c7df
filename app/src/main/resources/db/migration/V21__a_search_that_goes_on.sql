-- The search for a better plan that runs now, so that it goes on after a restart; at most one row.
create table plan_searches (
  id           bigint primary key,
  seconds_left double precision not null
);
