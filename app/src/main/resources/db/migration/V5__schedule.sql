-- What the keeper decides about arrivals, and water tests. Whether rivals may share a day is one question now.
create table schedule (
    tank_id uuid primary key references tank (id),
    version integer not null,
    content jsonb   not null
);

create table water_test (
    id         uuid primary key,
    tank_id    uuid             not null references tank (id),
    plan_key   text             not null,
    tested_on  date             not null,
    kind       text             not null,
    reading    double precision not null,
    removed_at timestamptz,
    unique (tank_id, plan_key)
);
create index water_test_of_tank on water_test (tank_id, tested_on);

update tank
set house_rules = jsonb_set(house_rules, '{schools,kin}', '"never"')
where house_rules ->> 'rivalsSameDay' = 'false';

update tank
set house_rules = jsonb_set(
        house_rules - 'rivalsSameDay',
        '{husbandry}',
        (house_rules -> 'husbandry')
            || '{"foodFactor": 1.0, "pH": 8.2, "bottledBacteria": false, "saltPrice": 4.0}'::jsonb);
