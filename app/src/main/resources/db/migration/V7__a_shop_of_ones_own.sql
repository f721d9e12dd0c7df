-- Materials of every role, made and retired by the shop; the price of each lot; set-up of the shop;
-- the colourways that a product is sold in; a recipe's promised strength.

alter table materials add column solids_percent double precision check (solids_percent > 0 and solids_percent <= 100);
update materials set solids_percent = 100;
alter table materials alter column solids_percent set not null;
-- Until now pigment was a percent of the whole binder: counted as all cement, every dose stays what it was.
alter table materials add column cement_percent double precision check (cement_percent between 0 and 100);
update materials set cement_percent = case when role = 'BINDER' then 100 else 0 end;
alter table materials alter column cement_percent set not null;
alter table materials add column largest_grain_mm double precision check (largest_grain_mm > 0);
update materials set largest_grain_mm = 13 where code = 'crushed-stone-13';
-- As it is said on the pack: "80 lb bag".
alter table materials add column pack varchar(60);
alter table materials add column piece_g double precision check (piece_g > 0);
alter table materials add column note varchar(300);
alter table materials add column retired boolean;
update materials set retired = false;
alter table materials alter column retired set not null;

-- What was paid for the whole lot.
alter table lots add column price decimal(12, 2) check (price >= 0);

alter table recipes add column strength28_mpa double precision check (strength28_mpa > 0);

-- Empty: in every colourway of its recipe.
alter table products add column sold_in json;
update products set sold_in = json '[]';
alter table products alter column sold_in set not null;

alter table workshop add column set_up boolean;
update workshop set set_up = true;
alter table workshop alter column set_up set not null;
alter table workshop add column scale_g double precision check (scale_g > 0);
update workshop set scale_g = 1;
alter table workshop alter column scale_g set not null;
alter table workshop add column families json;
update workshop set families = json '[]';
alter table workshop alter column families set not null;
