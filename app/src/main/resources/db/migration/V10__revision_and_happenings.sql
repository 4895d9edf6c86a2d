-- What a tank's pages say rests on its rows. Whatever changes one of them, by whatever way, raises the tank's revision in the same
-- transaction; so no memory of them can be older than the last change that was acknowledged. The log counts by itself too, since it
-- is long and most changes leave it alone.
alter table tank add column revision bigint not null default 0;
alter table tank add column log_revision bigint not null default 0;

create function raise_own_revision() returns trigger language plpgsql as $$
begin
    if new.revision = old.revision then
        new.revision := old.revision + 1;
    end if;
    return new;
end $$;
create trigger revision before update on tank for each row execute function raise_own_revision();

create function raise_revision() returns trigger language plpgsql as $$
begin
    update tank set revision = revision + 1 where id in (select distinct tank_id from changed);
    return null;
end $$;
create function raise_log_revision() returns trigger language plpgsql as $$
begin
    update tank set revision = revision + 1, log_revision = log_revision + 1
    where id in (select distinct tank_id from changed);
    return null;
end $$;

do $$
declare
    one text;
    raised text;
begin
    foreach one in array array['wish', 'resident', 'log_entry', 'loss', 'own_species', 'schedule', 'water_test',
                               'journal_item', 'photo']
    loop
        raised := case when one = 'log_entry' then 'raise_log_revision' else 'raise_revision' end;
        execute format('create trigger revision_in after insert on %I referencing new table as changed
                        for each statement execute function %I()', one, raised);
        execute format('create trigger revision_up after update on %I referencing new table as changed
                        for each statement execute function %I()', one, raised);
        execute format('create trigger revision_out after delete on %I referencing old table as changed
                        for each statement execute function %I()', one, raised);
    end loop;
end $$;

-- What happened to fish, each with what takes it back.
create table happening (
    id          uuid primary key,
    tank_id     uuid        not null references tank (id),
    form_key    text        not null,
    subject     text        not null,
    inverse     jsonb       not null,
    happened_at timestamptz not null,
    undone_at   timestamptz,
    unique (tank_id, form_key)
);
create index happening_of_subject on happening (tank_id, subject);
