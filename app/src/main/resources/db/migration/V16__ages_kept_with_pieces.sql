-- The equivalent age of a piece when it came out of its mould and when its route ended, in hours, as
-- its readings said then. Of pieces of before it is worked out when it is asked for.
alter table pieces add column age_at_out_h double precision;
alter table pieces add column age_at_ready_h double precision;
-- Readings of more than a season ago are thinned place by place; up to when that was done.
create table thinned_readings (
  place varchar(40) primary key,
  up_to timestamp(6) with time zone not null
);
