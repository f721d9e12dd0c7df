-- Prices and measured densities of materials, dates of lots; recipes in versions; what pours were made of.

alter table materials add column price_per_pack decimal(12, 2) check (price_per_pack >= 0);
alter table materials add column measured_bulk_kg_m3 double precision check (measured_bulk_kg_m3 > 0);
alter table materials add column spoon_g double precision check (spoon_g > 0);

alter table lots add column received_on date;
alter table lots add column opened_on date;
alter table lots add column stale_on date;

alter table movements add column reason varchar(200);

alter table recipes add column first_id bigint references recipes;
update recipes set first_id = id;
alter table recipes add column school varchar(80);
alter table recipes add column placing varchar(200);
alter table recipes add column caution varchar(300);
alter table recipes add column retention double precision;
update recipes set retention = 0.967;
alter table recipes alter column retention set not null;
alter table recipes add column batch_yield_l double precision check (batch_yield_l > 0);
create index recipes_first on recipes (first_id);

alter table pours add column recipe_id bigint references recipes;
update pours p set recipe_id = (select r.recipe_id from products r where r.id = p.product_id);
alter table pours alter column recipe_id set not null;

alter table workshop add column rate_per_hour decimal(12, 2);
update workshop set rate_per_hour = 20;
alter table workshop alter column rate_per_hour set not null;

-- What was left in the bowl, for what the mix really yields.
alter table pours add column left_kg decimal(12, 4) check (left_kg >= 0);
