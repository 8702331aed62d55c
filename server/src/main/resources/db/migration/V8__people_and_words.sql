-- The people of the house: one table, each save a revision of its own.
create table people_revision (
  revision int         not null primary key,
  document longtext    not null,
  saved_at datetime(3) not null,
  save_id  varchar(40) null,
  unique key save_of_people (save_id)
);

-- Words that are right though no dictionary has them.
create table accepted_word (
  word     varchar(100) character set utf8mb4 collate utf8mb4_bin not null primary key,
  added_at datetime(3) not null
);
