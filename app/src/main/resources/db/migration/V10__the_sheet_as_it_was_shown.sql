-- The sheet as the bench saw it when the pour was opened. Sessions of before are shown by their
-- sums alone.
alter table pour_sessions add column shown json;
