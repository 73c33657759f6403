-- Whoever was taken out can be let in again for a day, as before.
create table person_gone (
  id uuid primary key,
  version integer not null,
  name text not null,
  role text not null,
  passphrase text not null,
  second_factor bytea,
  second_factor_step bigint,
  gone_at timestamptz not null
);
