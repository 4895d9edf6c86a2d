-- Makes many keepers of the one there is: each with the same reefs, and each reef with a long record. Variables: keepers, tanks (of each), entries (of each tank).
begin;
set local session_replication_role = replica;  -- no triggers: the revisions stay as they are
create temporary table model as select id from tank where removed_at is null limit 1;

insert into keeper
select (jsonb_populate_record(null::keeper, to_jsonb(k) || jsonb_build_object('id', gen_random_uuid(), 'username', 'large' || i))).*
from keeper k, generate_series(1, :keepers) i;

insert into tank
select (jsonb_populate_record(null::tank, to_jsonb(t) || jsonb_build_object(
    'id', gen_random_uuid(), 'keeper_id', k.id, 'form_key', gen_random_uuid(), 'name', 'Reef ' || i))).*
from tank t, keeper k, generate_series(1, :tanks) i
where t.id in (select id from model) and k.username like 'large%';

insert into wish
select (jsonb_populate_record(null::wish, to_jsonb(r) || jsonb_build_object('id', gen_random_uuid(), 'tank_id', t.id))).*
from wish r, tank t, keeper k
where r.tank_id in (select id from model) and t.keeper_id = k.id and k.username like 'large%';

insert into resident
select (jsonb_populate_record(null::resident,
    to_jsonb(r) || jsonb_build_object('id', gen_random_uuid(), 'tank_id', t.id, 'wish_id', null))).*
from resident r, tank t, keeper k
where r.tank_id in (select id from model) and t.keeper_id = k.id and k.username like 'large%';

-- Chases over two years, most of them in the evening, between fish of the reef.
insert into log_entry (id, version, tank_id, plan_key, seen_at, kind, aggressor_key, fish_key, hardness, watched_minutes, note)
select gen_random_uuid(), 0, t.id, gen_random_uuid()::text,
    date_trunc('minute', localtimestamp) - random() * interval '730 days', 'CHASE',
    f.keys[1 + i % cardinality(f.keys)], f.keys[1 + (i + 1 + i / 7 % (cardinality(f.keys) - 1)) % cardinality(f.keys)],
    1 + i % 3, null, case when i % 10 = 0 then 'seen while the pumps were off for the evening feeding' end
from tank t join keeper k on t.keeper_id = k.id and k.username like 'large%',
    (select array_agg(plan_key order by place) keys from resident where tank_id in (select id from model)) f,
    generate_series(1, :entries) i;
commit;
analyze;
