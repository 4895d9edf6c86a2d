-- What the record holds beside the log: watches, roll calls, signs, remedies, crew, tasks. Each is a document in the form of
-- the published plan schema.
create table journal_item (
    id         uuid primary key,
    version    integer not null,
    tank_id    uuid    not null references tank (id),
    plan_key   text    not null,
    kind       text    not null,
    content    jsonb   not null,
    removed_at timestamptz,
    unique (tank_id, plan_key)
);

-- How an entry of the record read before it was changed.
create table entry_history (
    id         uuid primary key,
    tank_id    uuid        not null references tank (id),
    plan_key   text        not null,
    content    jsonb       not null,
    changed_at timestamptz not null
);
create index entry_history_of_entry on entry_history (tank_id, plan_key);

-- Photographs, made anew from what was sent, without what a camera writes beside the picture.
create table photo (
    id       uuid primary key,
    tank_id  uuid  not null references tank (id),
    plan_key text  not null,
    content  bytea not null,
    unique (tank_id, plan_key)
);

alter table resident add column coming jsonb;
alter table loss add column more jsonb;

-- The mailbox: what was told to a keeper, once for each episode, not before the quiet time is over.
create table message (
    id         uuid primary key,
    keeper_id  uuid        not null references keeper (id),
    tank_id    uuid        not null references tank (id),
    episode    text        not null,
    subject    text        not null,
    body       text        not null,
    written_at timestamptz not null,
    due_at     timestamptz not null,
    read_at    timestamptz,
    unique (tank_id, episode)
);
create index message_of_keeper on message (keeper_id, due_at);

alter table keeper add column quiet_from time not null default '22:00';
alter table keeper add column quiet_until time not null default '07:00';
alter table keeper add column looked_at timestamptz;
