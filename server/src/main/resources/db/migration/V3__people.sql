-- People of the shop. They sign in only when the program is open to the shop's network.
create table person (
  id uuid primary key,
  version integer not null default 1,
  name text not null,
  role text not null check (role in ('OWNER', 'MAKER', 'READER')),
  passphrase text not null,
  added_at timestamptz not null default now()
);
create unique index person_by_name on person (lower(name));

-- Sign-ins that failed, by name and by address: each makes the next one wait longer.
create table sign_in_failure (
  subject text primary key,
  failures integer not null,
  next_at timestamptz not null
);

-- Codes that are good once and for a short time, such as for pairing a tablet. Only their hashes are kept.
create table one_time_code (
  hash text primary key,
  purpose text not null,
  person_id uuid references person (id) on delete cascade,
  expires_at timestamptz not null
);

-- Spring Session's tables (its schema-postgresql.sql): a session holds for every program on this database.
create table spring_session (
  primary_id char(36) not null primary key,
  session_id char(36) not null,
  creation_time bigint not null,
  last_access_time bigint not null,
  max_inactive_interval int not null,
  expiry_time bigint not null,
  principal_name varchar(100)
);
create unique index spring_session_ix1 on spring_session (session_id);
create index spring_session_ix2 on spring_session (expiry_time);
create index spring_session_ix3 on spring_session (principal_name);
create table spring_session_attributes (
  session_primary_id char(36) not null references spring_session (primary_id) on delete cascade,
  attribute_name varchar(200) not null,
  attribute_bytes bytea not null,
  primary key (session_primary_id, attribute_name)
);
