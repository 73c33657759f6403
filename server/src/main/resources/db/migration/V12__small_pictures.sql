-- A picture small enough for a list; those of before are made when they are asked for.
alter table photo add column small bytea;
