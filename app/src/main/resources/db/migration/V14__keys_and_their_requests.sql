-- The request that a key came with: the same key with another one is refused.
alter table acts add column fingerprint varchar(64);
