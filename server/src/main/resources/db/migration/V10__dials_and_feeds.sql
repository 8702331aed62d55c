-- What operators set of what a graphic offers, of a take or a change; nothing where all is as designed.
alter table air_log add column dials longtext null after filling;

-- Where data of others comes from, which cues may follow.
create table feed (
  id      bigint        not null auto_increment primary key,
  name    varchar(60)   not null,
  url     varchar(1000) not null,
  seconds int           not null,
  unique key feed_of_name (name)
);
