-- What a proof of a revision came to. Its result never changes, but may be made anew.
create table proof (
  graphic_id bigint      not null,
  revision   int         not null,
  fillings   int         not null,
  open       int         not null,
  finished   boolean     not null,
  result     longtext    not null,
  proved_at  datetime(3) not null,
  primary key (graphic_id, revision),
  constraint proof_of_revision foreign key (graphic_id, revision) references graphic_revision (graphic_id, revision)
);

-- A table of names, as CSV, that a graphic is proved with besides what is made from its fields.
create table proof_names (
  graphic_id bigint      not null primary key,
  csv        longtext    not null,
  saved_at   datetime(3) not null,
  constraint names_of_graphic foreign key (graphic_id) references graphic (id)
);
