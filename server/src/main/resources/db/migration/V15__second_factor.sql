-- A second factor by time codes (RFC 6238), for whoever wants one; last_step keeps a code from being used twice.
create table second_factor (
  person_id uuid primary key references person (id) on delete cascade,
  secret bytea not null,
  is_on boolean not null default false,
  last_step bigint not null default 0
);
