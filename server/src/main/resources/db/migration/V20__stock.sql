-- What lies in the drawers, and what became of it: counts are the sums of the movements.
create table stock_line (
  id uuid primary key,
  version integer not null default 1,
  name text not null,
  drawer text not null default '',
  note text not null default '',
  -- PIECES, or LENGTH of a bar in mm.
  measure text not null,
  tool_id uuid references tool (id) on delete set null,
  -- Days until a new one is there.
  wait_days double precision,
  updated_at timestamptz not null default now(),
  saved_by text not null default '',
  said_at timestamptz,
  said_by text not null default ''
);
create index stock_line_by_tool on stock_line (tool_id);

create table stock_move (
  id uuid primary key,
  line_id uuid not null references stock_line (id) on delete cascade,
  on_day date not null,
  movement text not null,
  amount double precision not null,
  ready double precision not null,
  dull double precision not null,
  worn double precision not null,
  -- Pieces that one of them made since it was fresh, where that was counted.
  made double precision,
  note text not null default '',
  updated_at timestamptz not null default now(),
  saved_by text not null default ''
);
create index stock_move_by_line on stock_move (line_id, on_day, updated_at, id);
