-- Packages with many photographs, taken in piece by piece: the photographs wait, made anew, until all are read; then the tank and they are
-- stored together. A server that stops leaves the rest to be gone on with.
create table package_job (
    id          uuid primary key,
    keeper_id   uuid        not null references keeper (id) on delete cascade,
    form_key    uuid        not null,
    begun_at    timestamptz not null,
    moved_at    timestamptz not null,
    content     bytea,
    photographs integer     not null,
    faults      text,
    made_tank   uuid,
    unique (keeper_id, form_key)
);
create table package_photo (
    job_id   uuid not null references package_job (id) on delete cascade,
    plan_key text not null,
    content  bytea not null,
    primary key (job_id, plan_key)
);
