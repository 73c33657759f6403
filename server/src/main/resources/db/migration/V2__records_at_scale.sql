-- Who saved what; empty when nobody had to sign in.
alter table lathe add column saved_by text not null default '';
alter table cut add column saved_by text not null default '';
alter table tool add column saved_by text not null default '';
alter table grind add column saved_by text not null default '';
alter table trial add column saved_by text not null default '';

-- A crib of a hundred thousand tools is read by pages and searched by words.
create extension if not exists pg_trgm;
alter table tool add column words text not null
  generated always as (lower(name || ' ' || drawer || ' ' || note || ' ' || jsonb_path_query_array(fields, '$.*')::text)) stored;
create index tool_words on tool using gin (words gin_trgm_ops);
-- Words of one or two letters have no trigram: they are looked for where a word of the card begins.
alter table tool add column beginnings tsvector not null
  generated always as (to_tsvector('simple', name || ' ' || drawer || ' ' || note || ' '
    || jsonb_path_query_array(fields, '$.*')::text)) stored;
create index tool_beginnings on tool using gin (beginnings);
create index tool_by_name on tool (name, id);
create index cut_by_time on cut (updated_at desc, id);
create index trial_by_time on trial (on_day desc, at desc, id);

-- What the shop knows has a generation: whatever changes a lathe or what trials teach raises it in its own transaction,
-- and what a program remembers counts only for the generation it was read in.
create table knowledge (
  only_row boolean primary key default true check (only_row),
  generation bigint not null
);
insert into knowledge (generation) values (1);

-- What a trial teaches, worked out when it is kept: the logarithm of measured over reckoned, and how much it weighs. It was
-- reckoned with the lathe's card as it then was: when the card changes it counts no more, until it has been worked out anew.
create table lesson (
  trial_id uuid primary key references trial (id) on delete cascade,
  subject text not null,
  card integer not null,
  logarithm double precision not null,
  weight double precision not null
);
create index lesson_of_subject on lesson (subject, card) include (logarithm, weight);

-- The version of the lathe's card with which a trial's lesson was worked out; 0 without a lathe, -1 not yet.
alter table trial add column lesson_card integer not null default -1;
update trial set lesson_card = 0 where coalesce(fields ->> 'operation', '') <> 'bore';
create index trial_to_learn on trial (id) where lesson_card < 0;
create index trial_on_lathe on trial ((fields ->> 'lathe'), lesson_card) where fields ->> 'operation' = 'bore';
