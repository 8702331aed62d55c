-- Who may sign in, if signing in is switched on.
create table account (
  name         varchar(60)  not null primary key,
  password     varchar(100) not null,
  role         varchar(10)  not null,
  failures     int          not null default 0,
  locked_until datetime(3)  null,
  made_at      datetime(3)  not null
);
