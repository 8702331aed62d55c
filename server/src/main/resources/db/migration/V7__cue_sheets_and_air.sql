-- Cue sheets, each change a revision of its own.
create table cue_sheet (
  id       bigint       not null auto_increment primary key,
  name     varchar(60)  not null,
  revision int          not null,
  cues     int          not null,
  saved_at datetime(3)  not null,
  aside    boolean      not null default false
);

create table cue_sheet_revision (
  sheet_id bigint      not null,
  revision int         not null,
  document longtext    not null,
  saved_at datetime(3) not null,
  save_id  varchar(40) null,
  primary key (sheet_id, revision),
  unique key save_of_sheet (save_id),
  constraint revision_of_sheet foreign key (sheet_id) references cue_sheet (id)
);

-- What is shown somewhere: frames are counted from its beginning.
create table output (
  id     bigint      not null auto_increment primary key,
  name   varchar(60) not null,
  begins datetime(3) not null,
  frames int         not null,
  per    int         not null,
  width  int         not null,
  height int         not null
);

insert into output (id, name, begins, frames, per, width, height)
values
  (1, 'Main', utc_timestamp(3), 50, 1, 1920, 1080),
  -- Nobody but those who rehearse sees it.
  (2, 'Rehearsal', utc_timestamp(3), 50, 1, 1920, 1080);

-- Everything that was done on air, in its order: what stands is what comes of it.
create table air_log (
  event      bigint      not null auto_increment primary key,
  act_id     varchar(40) not null,
  output_id  bigint      not null,
  berth      varchar(60) not null,
  kind       varchar(10) not null,
  frame      bigint      not null,
  -- Whether nothing was shown at the berth, and nothing waited: all that comes later follows from here on.
  afresh     boolean     not null,
  graphic_id bigint      null,
  revision   int         null,
  house      int         null,
  filling    longtext    null,
  sheet_id   bigint      null,
  cue        varchar(40) null,
  number     varchar(12) null,
  person     varchar(60) not null,
  done_at    datetime(3) not null,
  unique key act_at_berth (act_id, berth),
  index events_of_berth (output_id, berth, event),
  constraint log_of_output foreign key (output_id) references output (id)
);
