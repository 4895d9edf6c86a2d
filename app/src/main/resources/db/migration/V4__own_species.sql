-- Species a keeper adds to the catalogue for one tank.
create table own_species (
    id       uuid primary key,
    tank_id  uuid  not null references tank (id),
    plan_key text  not null,
    content  jsonb not null,
    unique (tank_id, plan_key)
);
