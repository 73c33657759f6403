-- The crib's page shows what was saved last.
create index tool_by_time on tool (updated_at desc, id);
