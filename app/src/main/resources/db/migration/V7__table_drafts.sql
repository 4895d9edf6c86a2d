-- A table brought by a keeper, until it is taken in: what it said, how its columns were matched, how far the taking is.
create table table_draft (
    id         uuid primary key,
    version    integer     not null,
    tank_id    uuid        not null references tank (id),
    kind       text        not null,
    content    text        not null,
    created_at timestamptz not null,
    total      integer,
    done       integer     not null default 0,
    finished   boolean     not null default false,
    taken_keys jsonb
);
create index table_draft_of_tank on table_draft (tank_id);
