-- Where backups are copied to besides the data folder: a stick, a share; at most one row.
create table backup_settings (
  id            bigint primary key check (id = 1),
  second_folder varchar(400),
  version       bigint not null
);
