-- Names are told apart letter by letter; which are the same is said by the application (NFKC, case folded). Who has to wait is not kept here.
alter table account
  modify name varchar(60) character set utf8mb4 collate utf8mb4_bin not null,
  drop column failures,
  drop column locked_until;

-- What opens the page of an output to whoever has its address; null while nobody may without an account.
alter table output add column page_key varchar(40) null unique;
