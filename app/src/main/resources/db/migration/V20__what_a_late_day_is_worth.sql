-- For how many hours of work saved a plan may have a line a day later. Before, for none at all.
alter table workshop add column late_day_worth_h double precision default 4 not null;
