-- A trial may be set aside: it stays on record and teaches nothing, until it counts again.
alter table trial add column aside boolean not null default false;
