-- How the shop writes quantities, money and times. Shops of before were metric; the zone was the
-- machine's, and stays so until one is chosen.

alter table workshop add column units varchar(10);
update workshop set units = 'METRIC';
alter table workshop alter column units set not null;
-- A scale in ounces or pounds could be chosen before, by its step in grams.
alter table workshop add column scale_unit varchar(5);
update workshop set scale_unit = case
  when abs(scale_g - 2.83495231) < 0.001 or abs(scale_g - 28.3495231) < 0.001 then 'OZ'
  when abs(scale_g - 45.359237) < 0.001 then 'LB'
  else 'G' end;
alter table workshop alter column scale_unit set not null;
alter table workshop add column currency varchar(3);
update workshop set currency = 'EUR';
alter table workshop alter column currency set not null;
alter table workshop add column clock varchar(5);
update workshop set clock = 'H24';
alter table workshop alter column clock set not null;
alter table workshop add column first_day varchar(10);
update workshop set first_day = 'MONDAY';
alter table workshop alter column first_day set not null;
alter table workshop add column zone varchar(60);
