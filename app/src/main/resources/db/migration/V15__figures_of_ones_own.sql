-- A keeper's own figure of a species, used for all of that keeper's tanks; the catalogue's stays beside it.
create table own_figure (
    id         uuid primary key,
    keeper_id  uuid             not null references keeper (id),
    species_id varchar(80)      not null,
    figure     varchar(20)      not null,
    amount     double precision not null,
    note       varchar(200)     not null,
    noted_on   date             not null,
    unique (keeper_id, species_id, figure)
);

-- What the pages of a keeper's tanks say rests on these figures too.
create function raise_revisions_of_keeper() returns trigger language plpgsql as $$
begin
    update tank set revision = revision + 1 where keeper_id in (select distinct keeper_id from changed);
    return null;
end
$$;

create trigger revision_in after insert on own_figure referencing new table as changed
    for each statement execute function raise_revisions_of_keeper();
create trigger revision_up after update on own_figure referencing new table as changed
    for each statement execute function raise_revisions_of_keeper();
create trigger revision_out after delete on own_figure referencing old table as changed
    for each statement execute function raise_revisions_of_keeper();
