-- Devices from which people signed in or that were paired: each can be ended by itself, and a known one passes the queue of strangers.
create table device (
  id uuid primary key,
  hash text not null,
  person_id uuid not null references person (id) on delete cascade,
  words text not null,
  paired boolean not null,
  since timestamptz not null,
  last_seen timestamptz not null,
  unique (person_id, hash)
);

create index device_by_hash on device (hash);

-- Failures are kept by hash from now on, and go after an hour.
delete from sign_in_failure;
create index sign_in_failure_by_time on sign_in_failure (next_at);
