-- What a kept thing is, said and no longer guessed from what is written of it: this guess is the last.
alter table tool add column kind text;
update tool set kind = case
  when jsonb_exists(fields, 'partHolder') then 'holder'
  when jsonb_exists(fields, 'blade') then 'blade'
  when jsonb_exists(fields, 'barDiameter') then 'bar'
  else 'bit' end;
alter table tool alter column kind set not null;
create index tool_of_kind on tool (kind, id);

-- Grinds of one day that came in with one file have one time: which was the last is told by the order in which they came.
alter table grind add column entered bigint generated always as identity;

-- Lessons go by what was reckoned with, no more by what was typed: all are worked out anew.
delete from lesson;
drop index trial_on_lathe;
create index trial_on_lathe on trial ((fields ->> 'lathe'), lesson_card);
update trial set lesson_card = -1;
update knowledge set generation = generation + 1;
