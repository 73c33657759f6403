-- Jobs of several lots, what was ticked off of them, what was clocked, who works when, and the plan that was kept last.
create table job (
  id uuid primary key,
  version integer not null default 1,
  name text not null,
  due timestamp,
  units text not null,
  sheet jsonb not null,
  done boolean not null default false,
  -- How many tasks it comes to: and how many are done: a list of hundreds of jobs works none of them out.
  tasks integer not null default 0,
  ticked integer not null default 0,
  updated_at timestamptz not null default now(),
  saved_by text not null default '',
  said_at timestamptz,
  said_by text not null default ''
);
create index job_by_due on job (done, due, id);

create table tick (
  job_id uuid not null references job (id) on delete cascade,
  task text not null,
  version integer not null default 1,
  started_at timestamp,
  done_at timestamp,
  pinned_at timestamp,
  minutes double precision,
  lost integer not null default 0,
  updated_at timestamptz not null default now(),
  saved_by text not null default '',
  primary key (job_id, task)
);

-- One row an operation of a task: what it took over what was stated.
create table clocked (
  job_id uuid not null references job (id) on delete cascade,
  task text not null,
  key text not null,
  stated double precision not null,
  minutes double precision not null,
  learns boolean not null,
  at timestamptz not null default now(),
  primary key (job_id, task, key)
);
create index clocked_by_key on clocked (key, at desc);

create table workshop (
  one integer primary key check (one = 1),
  version integer not null default 1,
  week jsonb not null,
  plan jsonb,
  updated_at timestamptz not null default now(),
  saved_by text not null default ''
);
