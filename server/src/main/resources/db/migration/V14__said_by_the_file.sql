-- What a file says of who saved its records, and when: kept beside who took them in, and believed of nobody.
alter table lathe add column said_at timestamptz, add column said_by text not null default '';
alter table cut add column said_at timestamptz, add column said_by text not null default '';
alter table tool add column said_at timestamptz, add column said_by text not null default '';
alter table grind add column said_at timestamptz, add column said_by text not null default '';
alter table trial add column said_at timestamptz, add column said_by text not null default '';
alter table photo add column said_at timestamptz, add column said_by text not null default '';
-- In lists they stand where they stood before, whatever day they were taken in.
drop index cut_by_time;
create index cut_by_time on cut (coalesce(said_at, updated_at) desc, id);
drop index trial_by_time;
create index trial_by_time on trial (on_day desc, coalesce(said_at, at) desc, id);
