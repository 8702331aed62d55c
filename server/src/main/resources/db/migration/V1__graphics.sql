-- A graphic is its revisions; the row here only names it and says which one is current.
create table graphic (
  id        bigint      not null auto_increment primary key,
  name      varchar(60) not null,
  revision  int         not null,
  saved_at  datetime(3) not null
);

-- Every save adds one; none is ever changed or removed.
create table graphic_revision (
  graphic_id bigint      not null,
  revision   int         not null,
  document   longtext    not null,
  saved_at   datetime(3) not null,
  primary key (graphic_id, revision),
  constraint revision_of_graphic foreign key (graphic_id) references graphic (id)
);
