-- A made-up shop of :tools tools with ten trials and now and then a grind to each, on the lathes that it has; for ./bw fill.
\set ON_ERROR_STOP on
begin;
create temporary table words (n serial, adjective text, noun text, place text) on commit drop;
insert into words (adjective, noun, place)
select a, n, p
from unnest(array['Grey','Left','Old','Short','Keen','Blue','Stout','Second','Thin','Long','Plain','Honed']) a,
     unnest(array['finisher','rougher','facer','chamfer tool','groover','shaver','form tool','corner tool','undercutter']) n,
     unnest(array['pump side','gate room','turbine floor','crane bay','valve house','spare wheel']) p;
create temporary table lathes on commit drop as select row_number() over (order by id) - 1 as n, id::text as id from lathe where card ->> 'kind' is distinct from 'mill';
insert into lathes select 0, '' where not exists (select from lathes);
create temporary table made on commit drop as
select gen_random_uuid() as id, i, w.adjective || ' ' || w.noun || ' ' || i as name, w.place as place, i % 10 as kind
from generate_series(1, :tools) i join words w on w.n = 1 + i * 7919 % 648;
insert into tool (id, name, drawer, note, kind, units, fields)
select id, name, chr(65 + i % 26) || (i / 26) % 90, 'for the ' || place, case when kind < 6 then 'bit' when kind < 9 then 'bar' else 'blade' end, case when i % 3 = 0 then 'INCH' else 'METRIC' end,
  case when kind < 6 then jsonb_build_object('blank', (array['hss-8mm','hss-10mm','hss-12mm'])[1 + i % 3],
        'sideRake', (6 + i % 14) || '°', 'backRake', (i % 9) || '°', 'endRelief', (6 + i % 6) || '°', 'sideRelief', (6 + i % 5) || '°',
        'noseRadius', round((2 + i % 9) / 10.0, 1) || ' mm')
    when kind < 9 then jsonb_build_object('barDiameter', (6 + i % 19) || ' mm', 'barLength', (90 + i % 160) || ' mm',
        'barMaterial', (array['steel','heavy-metal','carbide'])[1 + i % 3], 'boreBit', 'hss-4mm')
    else jsonb_build_object('blade', (array['blade-2mm','blade-3-32-taper'])[1 + i % 2], 'partRake', (i % 8) || '°') end
from made;
insert into grind (id, tool_id, on_day, units, measured, note)
select gen_random_uuid(), id, current_date - (i % 700), 'METRIC', jsonb_build_object('sideRake', (6 + i % 14) || '.5°'), ''
from made where kind < 6 and i % 4 = 0;
insert into trial (id, tool_id, on_day, units, lesson_card, fields, readings, verdict, note)
select gen_random_uuid(), m.id, current_date - (j * 40 + m.i % 40), 'METRIC',
  case when m.kind between 6 and 8 then -1 else 0 end,
  jsonb_build_object('lathe', l.id) || case when m.kind between 6 and 8 then jsonb_build_object('operation', 'bore', 'boreStart', '28.5 mm',
      'boreFinished', '30 mm', 'boreDepth', '40 mm', 'barDiameter', (9 + m.i % 6) || ' mm', 'barOverhang', '60 mm', 'barMaterial', 'steel',
      'material', 'bronze-tin')
    when m.kind = 9 then jsonb_build_object('operation', 'part', 'partDiameter', '25 mm', 'blade', 'blade-2mm', 'material', 'brass-free')
    else jsonb_build_object('operation', 'turn', 'diameter', '25 mm', 'finished', '24 mm', 'material', 'steel-low-carbon') end,
  case when m.kind between 6 and 8 then jsonb_build_object('near', round(29.970 + (m.i * 31 + j * 17) % 22 / 1000.0, 3) || ' mm',
      'far', round(29.970 + (m.i * 31 + j * 17) % 22 / 1000.0, 3) || ' mm')
    else jsonb_build_object('near', '24.001 mm', 'far', '24.004 mm', 'apart', '40 mm') end,
  'Within the tolerance.', ''
from made m cross join generate_series(1, 10) j join lathes l on l.n = (m.i + j) % (select count(*) from lathes);
update knowledge set generation = generation + 1;
commit;
analyze tool, grind, trial, lesson;
