-- Where a tool that was deleted stood in the lists: whoever turns to the next page after it goes on from there. For a day.
create table tool_gone (
  id uuid primary key,
  name text not null,
  updated_at timestamptz not null,
  gone_at timestamptz not null default now()
);
create index tool_gone_by_time on tool_gone (gone_at);

create function tool_is_gone() returns trigger language plpgsql as $$
begin
  delete from tool_gone where gone_at < now() - interval '1 day';
  insert into tool_gone (id, name, updated_at) values (old.id, old.name, old.updated_at)
    on conflict (id) do update set name = excluded.name, updated_at = excluded.updated_at, gone_at = now();
  return old;
end $$;
create trigger tool_leaves_its_place after delete on tool for each row execute function tool_is_gone();
