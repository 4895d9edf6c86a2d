-- House rules learn which school counts and what is done about waste: the usual ones for tanks that are here already.
update tank set house_rules = house_rules || $${
  "schools": {
    "ceiling": "inches",
    "bigFish": "adult_size",
    "kin": "same_day",
    "anthias": "at_once",
    "clownfish": "first",
    "tangs": "staged",
    "pause": "days",
    "quarantine": "observation",
    "bacteria": "eight_hours",
    "salinity": "natural",
    "rock": "last_resort"
  },
  "husbandry": {
    "clearsMgPerLitreDay": 2.0,
    "proteinShare": 0.45,
    "changeShare": 0.1,
    "changeDays": 7,
    "nitrateTarget": 15.0,
    "phosphateTarget": 0.1,
    "nitrateExport": 0.85,
    "phosphateExport": 0.97
  },
  "overruled": {}
}$$::jsonb;

alter table wish add column price double precision;
alter table wish add column individual jsonb;
alter table resident add column individual jsonb;

-- A link by which the family may add wishes to one tank, without an account, until it is revoked. Only its hash is kept.
create table wish_share (
    id         uuid primary key,
    tank_id    uuid        not null references tank (id),
    token_hash text        not null unique,
    created_at timestamptz not null,
    revoked_at timestamptz
);
create index wish_share_of_tank on wish_share (tank_id);
