-- Pictures of a tool, of a grind or of a trial: small enough to be kept with the rest and to travel in the shop's file.
create table photo (
  id uuid primary key,
  tool_id uuid references tool (id) on delete cascade,
  grind_id uuid references grind (id) on delete cascade,
  trial_id uuid references trial (id) on delete cascade,
  note text not null default '',
  picture bytea not null,
  at timestamptz not null default now(),
  saved_by text not null default '',
  check (num_nonnulls(tool_id, grind_id, trial_id) = 1)
);
create index photo_of_tool on photo (tool_id) where tool_id is not null;
create index photo_of_grind on photo (grind_id) where grind_id is not null;
create index photo_of_trial on photo (trial_id) where trial_id is not null;
