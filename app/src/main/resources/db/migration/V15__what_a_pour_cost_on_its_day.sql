-- What wear, other goods and an hour cost on the day of the pour, so that what a piece cost does
-- not change when a price does. Pours of before have the rate of today; their wear and goods are
-- not known any more and count at today's.
alter table pours add column rate_per_hour decimal(12, 2);
update pours set rate_per_hour = (select max(rate_per_hour) from workshop);
alter table pour_fills add column wear_each decimal(12, 4);
alter table pour_fills add column goods_each decimal(12, 4);

-- What a kilogram usually cost when a lot came whose own price nobody said.
alter table lots add column usual_per_kg decimal(14, 6);
update lots l set usual_per_kg = (
  select m.price_per_pack / m.pack_kg from materials m
  where m.id = l.material_id and m.price_per_pack is not null and m.pack_kg > 0)
where l.price is null;
