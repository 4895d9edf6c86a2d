-- What makes an account safe: an address for mailed links, a second factor, ways back in, guesses counted, and an end.
alter table keeper add column email text;
alter table keeper add column second_factor text;
alter table keeper add column second_factor_step bigint not null default 0;
alter table keeper add column locked_at timestamptz;
alter table keeper add column closing_at timestamptz;
alter table keeper add column notices_by_mail boolean not null default false;
update keeper set email = username where username like '%@%';

-- Each lets its keeper in once. Only hashes are kept.
create table recovery_code (
    keeper_id uuid not null references keeper (id),
    code_hash text not null,
    primary key (keeper_id, code_hash)
);
create table mailed_link (
    token_hash text primary key,
    keeper_id  uuid        not null references keeper (id),
    purpose    text        not null,
    detail     text        not null,
    expires_at timestamptz not null
);
create index mailed_link_of_keeper on mailed_link (keeper_id);

-- A device on which this keeper has signed in before: guesses from elsewhere do not lock it out.
create table known_device (
    token_hash text primary key,
    keeper_id  uuid        not null references keeper (id),
    since      timestamptz not null
);
create index known_device_of_keeper on known_device (keeper_id);

-- How often a password was guessed wrong, by whom or for whom; both as hashes. Shared by all instances.
create table guess (
    bucket        text primary key,
    failures      integer     not null,
    blocked_until timestamptz not null
);

-- The outbox: letters to keepers, sent when there is a server for mail.
create table letter (
    id         uuid primary key,
    keeper_id  uuid        not null references keeper (id),
    recipient  text        not null,
    subject    text        not null,
    body       text        not null,
    written_at timestamptz not null,
    due_at     timestamptz not null,
    sent_at    timestamptz,
    tries      integer     not null default 0
);
create index letter_to_send on letter (due_at) where sent_at is null;
alter table message add column mailed boolean not null default false;
update message set mailed = true;

-- What the operator decided for all, and what links are signed with: one row.
create table site (
    only_row     boolean primary key default true check (only_row),
    sign_up_open boolean not null,
    secret       text    not null
);
insert into site (sign_up_open, secret) values (true, gen_random_uuid()::text || gen_random_uuid()::text);

-- Scheduled work runs on one instance at a time (ShedLock).
create table shedlock (
    name       varchar(64) primary key,
    lock_until timestamp    not null,
    locked_at  timestamp    not null,
    locked_by  varchar(255) not null
);

-- Nothing of a keeper or a tank outlives it.
do $$
declare
    one record;
begin
    for one in
        select conrelid::regclass as child, conname as name, pg_get_constraintdef(oid) as definition
        from pg_constraint
        where contype = 'f' and connamespace = 'public'::regnamespace
          and confrelid in ('keeper'::regclass, 'tank'::regclass, 'wish'::regclass, 'share'::regclass)
          and confdeltype = 'a'
    loop
        execute format('alter table %s drop constraint %I', one.child, one.name);
        execute format('alter table %s add constraint %I %s on delete cascade', one.child, one.name, one.definition);
    end loop;
end
$$;
