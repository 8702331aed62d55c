-- Pictures of the house. Their content never changes; one that is removed is only put aside, since revisions may name it.
create table picture (
  picture_key varchar(60)  not null primary key,
  type        varchar(30)  not null,
  width       double       not null,
  height      double       not null,
  content     longblob     not null,
  added_at    datetime(3)  not null,
  removed     boolean      not null default false
);

-- What is being changed on the floor and not saved yet: one for each graphic, overwritten until it is saved or dropped.
create table graphic_draft (
  graphic_id bigint      not null primary key,
  based_on   int         not null,
  document   longtext    not null,
  saved_at   datetime(3) not null,
  constraint draft_of_graphic foreign key (graphic_id) references graphic (id)
);

-- A name that people give a revision.
alter table graphic_revision add column name varchar(60) not null default '';

-- The house style was its palette alone; now it is an object of which the palette is a member.
update house_revision set document = concat('{"palette":', document, ',"styles":[],"safe":{"action":93,"title":90}}');
