-- The house style is one document; every save adds a revision, the highest is current.
create table house_revision (
  revision int         not null primary key,
  document longtext    not null,
  saved_at datetime(3) not null
);
