-- What a shop keeps. Values that a machinist typed are kept as typed; the core reads them each time.
create table lathe (
  id uuid primary key,
  version integer not null default 1,
  units text not null,
  card jsonb not null,
  updated_at timestamptz not null default now()
);

create table cut (
  id uuid primary key,
  version integer not null default 1,
  name text not null,
  units text not null,
  fields jsonb not null,
  updated_at timestamptz not null default now()
);

create table tool (
  id uuid primary key,
  version integer not null default 1,
  name text not null,
  drawer text not null default '',
  note text not null default '',
  units text not null,
  fields jsonb not null,
  updated_at timestamptz not null default now()
);

create table grind (
  id uuid primary key,
  tool_id uuid not null references tool (id) on delete cascade,
  on_day date not null,
  units text not null,
  measured jsonb not null,
  note text not null default '',
  at timestamptz not null default now()
);
create index grind_of_tool on grind (tool_id, on_day);

create table trial (
  id uuid primary key,
  tool_id uuid references tool (id) on delete cascade,
  cut_id uuid references cut (id) on delete set null,
  on_day date not null,
  units text not null,
  fields jsonb not null,
  readings jsonb not null,
  verdict text not null default '',
  note text not null default '',
  at timestamptz not null default now()
);
create index trial_of_tool on trial (tool_id, on_day);
create index trial_of_cut on trial (cut_id, on_day);

-- What was done once, such as loading the demo shop.
create table done_once (
  what text primary key,
  at timestamptz not null default now()
);
