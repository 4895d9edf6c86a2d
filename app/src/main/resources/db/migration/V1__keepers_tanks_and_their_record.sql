create table keeper (
    id            uuid primary key,
    username      text        not null unique,
    display_name  text        not null,
    password_hash text        not null,
    length_unit   text        not null,
    volume_unit   text        not null,
    temperature_unit text     not null,
    created_at    timestamptz not null
);

-- Profile and house rules are documents in the form of the published plan schema.
create table tank (
    id          uuid primary key,
    version     integer     not null,
    keeper_id   uuid        not null references keeper (id),
    name        text        not null,
    profile     jsonb       not null,
    house_rules jsonb       not null,
    created_at  timestamptz not null,
    removed_at  timestamptz
);
create index tank_of_keeper on tank (keeper_id);

-- In the tables below plan_key is the key that the open file knows the row by. A form brings the key of the row it
-- creates, so that the same form sent twice creates one row.
create table wish (
    id            uuid primary key,
    version       integer     not null,
    tank_id       uuid        not null references tank (id),
    plan_key      text        not null,
    place         integer     not null,
    species_id    text        not null,
    fish_count    integer     not null check (fish_count between 1 and 50),
    length_cm     double precision,
    asked_by      text,
    decision      text        not null,
    decision_note text,
    arrived_on    date,
    removed_at    timestamptz,
    unique (tank_id, plan_key)
);

create table resident (
    id         uuid primary key,
    version    integer          not null,
    tank_id    uuid             not null references tank (id),
    plan_key   text             not null,
    place      integer          not null,
    species_id text             not null,
    name       text             not null,
    arrived_on date             not null,
    length_cm  double precision not null,
    left_on    date,
    wish_id    uuid references wish (id),
    unique (tank_id, plan_key)
);

create table log_entry (
    id              uuid primary key,
    version         integer   not null,
    tank_id         uuid      not null references tank (id),
    plan_key        text      not null,
    seen_at         timestamp not null,
    kind            text      not null,
    aggressor_key   text,
    fish_key        text,
    hardness        integer,
    place           text,
    watched_minutes integer,
    note            text,
    removed_at      timestamptz,
    unique (tank_id, plan_key)
);
create index log_entry_of_tank on log_entry (tank_id, seen_at);

create table loss (
    id         uuid primary key,
    version    integer not null,
    tank_id    uuid    not null references tank (id),
    plan_key   text    not null,
    fish_key   text    not null,
    lost_on    date    not null,
    cause      text    not null,
    certainty  text    not null,
    price      double precision,
    note       text,
    removed_at timestamptz,
    unique (tank_id, plan_key)
);
