-- What stands in the shop today is a small part of all that was ever made: found without reading the rest.
create index pieces_here on pieces (sent_at, scrap_reason, ready_at);
create index pieces_scrapped on pieces (scrapped_at);
create index casts_held on casts (emptied_at);
create index casts_unwashed on casts (washed_at, emptied_at);
-- Sums by copy and by lot are read off the index alone.
create index casts_finished on casts (copy_id, emptied_at);
create index movements_of_lot on movements (lot_id, mass_kg);
-- The list of pours begins at its newest end.
create index pours_when on pours (beside_id, poured_at desc, id desc);
