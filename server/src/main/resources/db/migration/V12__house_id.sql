-- What tells the graphics of this house from those of any other, wherever they are handed over to.
create table house_id (
  id char(12) not null primary key
);

insert into house_id (id) values (left(sha2(uuid(), 256), 12));
