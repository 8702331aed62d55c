-- Work that is done in its turn, shared by all servers on this database. Source of the columns: db-scheduler 16.
create table scheduled_tasks (
  task_name            varchar(100) not null,
  task_instance        varchar(100) not null,
  task_data            blob,
  execution_time       timestamp(6) not null,
  picked               boolean      not null,
  picked_by            varchar(50),
  last_success         timestamp(6) null,
  last_failure         timestamp(6) null,
  consecutive_failures int,
  last_heartbeat       timestamp(6) null,
  version              bigint       not null,
  priority             smallint,
  primary key (task_name, task_instance),
  index execution_time_idx (execution_time),
  index last_heartbeat_idx (last_heartbeat)
);

-- A save has an id of its own: whoever does not know whether it was kept asks again with it, and gets the same answer.
alter table graphic_revision add column save_id varchar(40) null, add unique key save_of_graphic (save_id);
alter table house_revision add column save_id varchar(40) null, add unique key save_of_house (save_id);

-- A proof that could not be made says so.
alter table proof add column failed boolean not null default false;
