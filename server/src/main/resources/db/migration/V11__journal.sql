-- Who did what of the things that cannot be undone, or that let somebody in: written once and never changed.
create table journal (
  id bigint generated always as identity primary key,
  at timestamptz not null,
  person text not null,
  address text not null,
  what text not null,
  about text not null
);

create function journal_is_only_added_to() returns trigger language plpgsql as $$
begin
  raise exception 'the journal is only added to';
end $$;
create trigger journal_stays before update or delete or truncate on journal execute function journal_is_only_added_to();
