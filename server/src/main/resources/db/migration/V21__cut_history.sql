-- What a cut was before it was saved over: who had saved it, when, and what stood in it.
create table cut_was (
    cut_id uuid not null references cut (id) on delete cascade,
    version int not null,
    name text not null,
    units text not null,
    fields jsonb not null,
    saved_at timestamptz not null,
    saved_by text not null default '',
    primary key (cut_id, version)
);
