-- A deleted graphic is only put aside, so that deleting can be undone and no revision is lost.
alter table graphic add column deleted boolean not null default false;
