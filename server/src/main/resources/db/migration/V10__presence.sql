-- Who has which record open just now. Need not outlive a power cut.
create unlogged table presence (
  record_id uuid not null,
  person text not null,
  seen_at timestamptz not null,
  primary key (record_id, person)
);
create index presence_by_time on presence (seen_at);
