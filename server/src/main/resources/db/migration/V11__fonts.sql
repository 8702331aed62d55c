-- Fonts of the house. Their content never changes; one that is removed is only put aside, since revisions may name it.
create table font (
  font_key varchar(100) not null primary key,
  name     varchar(60)  not null,
  content  longblob     not null,
  added_at datetime(3)  not null,
  removed  boolean      not null default false
);
