-- The database as the schema of migration 13 had it, with the demo's data and an arrival entered; made with pg_dump --inserts.

SET statement_timeout = 0;
SET lock_timeout = 0;
SET idle_in_transaction_session_timeout = 0;
SET client_encoding = 'UTF8';
SET standard_conforming_strings = on;
SELECT pg_catalog.set_config('search_path', '', false);
SET check_function_bodies = false;
SET xmloption = content;
SET client_min_messages = warning;
SET row_security = off;

CREATE FUNCTION public.raise_log_revision() RETURNS trigger
    LANGUAGE plpgsql
    AS $$
begin
    update tank set revision = revision + 1, log_revision = log_revision + 1
    where id in (select distinct tank_id from changed);
    return null;
end $$;

CREATE FUNCTION public.raise_own_revision() RETURNS trigger
    LANGUAGE plpgsql
    AS $$
begin
    if new.revision = old.revision then
        new.revision := old.revision + 1;
    end if;
    return new;
end $$;

CREATE FUNCTION public.raise_revision() RETURNS trigger
    LANGUAGE plpgsql
    AS $$
begin
    update tank set revision = revision + 1 where id in (select distinct tank_id from changed);
    return null;
end $$;

SET default_tablespace = '';

SET default_table_access_method = heap;

CREATE TABLE public.entry_history (
    id uuid NOT NULL,
    tank_id uuid NOT NULL,
    plan_key text NOT NULL,
    content jsonb NOT NULL,
    changed_at timestamp with time zone NOT NULL
);

CREATE TABLE public.flyway_schema_history (
    installed_rank integer NOT NULL,
    version character varying(50),
    description character varying(200) NOT NULL,
    type character varying(20) NOT NULL,
    script character varying(1000) NOT NULL,
    checksum integer,
    installed_by character varying(100) NOT NULL,
    installed_on timestamp without time zone DEFAULT now() NOT NULL,
    execution_time integer NOT NULL,
    success boolean NOT NULL
);

CREATE TABLE public.happening (
    id uuid NOT NULL,
    tank_id uuid NOT NULL,
    form_key text NOT NULL,
    subject text NOT NULL,
    inverse jsonb NOT NULL,
    happened_at timestamp with time zone NOT NULL,
    undone_at timestamp with time zone
);

CREATE TABLE public.journal_item (
    id uuid NOT NULL,
    version integer NOT NULL,
    tank_id uuid NOT NULL,
    plan_key text NOT NULL,
    kind text NOT NULL,
    content jsonb NOT NULL,
    removed_at timestamp with time zone
);

CREATE TABLE public.keeper (
    id uuid NOT NULL,
    username text NOT NULL,
    display_name text NOT NULL,
    password_hash text NOT NULL,
    length_unit text NOT NULL,
    volume_unit text NOT NULL,
    temperature_unit text NOT NULL,
    created_at timestamp with time zone NOT NULL,
    quiet_from time without time zone DEFAULT '22:00:00'::time without time zone NOT NULL,
    quiet_until time without time zone DEFAULT '07:00:00'::time without time zone NOT NULL,
    looked_at timestamp with time zone
);

CREATE TABLE public.log_entry (
    id uuid NOT NULL,
    version integer NOT NULL,
    tank_id uuid NOT NULL,
    plan_key text NOT NULL,
    seen_at timestamp without time zone NOT NULL,
    kind text NOT NULL,
    aggressor_key text,
    fish_key text,
    hardness integer,
    place text,
    watched_minutes integer,
    note text,
    removed_at timestamp with time zone
);

CREATE TABLE public.loss (
    id uuid NOT NULL,
    version integer NOT NULL,
    tank_id uuid NOT NULL,
    plan_key text NOT NULL,
    fish_key text NOT NULL,
    lost_on date NOT NULL,
    cause text NOT NULL,
    certainty text NOT NULL,
    price double precision,
    note text,
    removed_at timestamp with time zone,
    more jsonb
);

CREATE TABLE public.message (
    id uuid NOT NULL,
    keeper_id uuid NOT NULL,
    tank_id uuid NOT NULL,
    episode text NOT NULL,
    subject text NOT NULL,
    body text NOT NULL,
    written_at timestamp with time zone NOT NULL,
    due_at timestamp with time zone NOT NULL,
    read_at timestamp with time zone
);

CREATE TABLE public.own_species (
    id uuid NOT NULL,
    tank_id uuid NOT NULL,
    plan_key text NOT NULL,
    content jsonb NOT NULL
);

CREATE TABLE public.photo (
    id uuid NOT NULL,
    tank_id uuid NOT NULL,
    plan_key text NOT NULL,
    content bytea NOT NULL
);

CREATE TABLE public.resident (
    id uuid NOT NULL,
    version integer NOT NULL,
    tank_id uuid NOT NULL,
    plan_key text NOT NULL,
    place integer NOT NULL,
    species_id text NOT NULL,
    name text NOT NULL,
    arrived_on date NOT NULL,
    length_cm double precision NOT NULL,
    left_on date,
    wish_id uuid,
    individual jsonb,
    coming jsonb,
    life jsonb
);

CREATE TABLE public.schedule (
    tank_id uuid NOT NULL,
    version integer NOT NULL,
    content jsonb NOT NULL
);

CREATE TABLE public.share (
    id uuid NOT NULL,
    tank_id uuid NOT NULL,
    token_hash text NOT NULL,
    created_at timestamp with time zone NOT NULL,
    revoked_at timestamp with time zone,
    purpose text DEFAULT 'WISHES'::text NOT NULL
);

CREATE TABLE public.spring_session (
    primary_id character(36) NOT NULL,
    session_id character(36) NOT NULL,
    creation_time bigint NOT NULL,
    last_access_time bigint NOT NULL,
    max_inactive_interval integer NOT NULL,
    expiry_time bigint NOT NULL,
    principal_name character varying(100)
);

CREATE TABLE public.spring_session_attributes (
    session_primary_id character(36) NOT NULL,
    attribute_name character varying(200) NOT NULL,
    attribute_bytes bytea NOT NULL
);

CREATE TABLE public.table_draft (
    id uuid NOT NULL,
    version integer NOT NULL,
    tank_id uuid NOT NULL,
    kind text NOT NULL,
    content text NOT NULL,
    created_at timestamp with time zone NOT NULL,
    total integer,
    done integer DEFAULT 0 NOT NULL,
    finished boolean DEFAULT false NOT NULL,
    taken_keys jsonb,
    form_key uuid
);

CREATE TABLE public.tank (
    id uuid NOT NULL,
    version integer NOT NULL,
    keeper_id uuid NOT NULL,
    name text NOT NULL,
    profile jsonb NOT NULL,
    house_rules jsonb NOT NULL,
    created_at timestamp with time zone NOT NULL,
    removed_at timestamp with time zone,
    form_key uuid,
    revision bigint DEFAULT 0 NOT NULL,
    log_revision bigint DEFAULT 0 NOT NULL,
    kind text DEFAULT 'DISPLAY'::text NOT NULL
);

CREATE TABLE public.water_test (
    id uuid NOT NULL,
    tank_id uuid NOT NULL,
    plan_key text NOT NULL,
    tested_on date NOT NULL,
    kind text NOT NULL,
    reading double precision NOT NULL,
    removed_at timestamp with time zone
);

CREATE TABLE public.wish (
    id uuid NOT NULL,
    version integer NOT NULL,
    tank_id uuid NOT NULL,
    plan_key text NOT NULL,
    place integer NOT NULL,
    species_id text NOT NULL,
    fish_count integer NOT NULL,
    length_cm double precision,
    asked_by text,
    decision text NOT NULL,
    decision_note text,
    arrived_on date,
    removed_at timestamp with time zone,
    price double precision,
    individual jsonb,
    sight jsonb,
    CONSTRAINT wish_fish_count_check CHECK (((fish_count >= 1) AND (fish_count <= 50)))
);

INSERT INTO public.flyway_schema_history VALUES (1, '1', 'keepers tanks and their record', 'SQL', 'V1__keepers_tanks_and_their_record.sql', 537715208, 'pelluna', '2026-11-26 08:40:35.057755', 87, true);
INSERT INTO public.flyway_schema_history VALUES (2, '2', 'sessions', 'SQL', 'V2__sessions.sql', 1710606036, 'pelluna', '2026-11-26 08:40:35.297598', 47, true);
INSERT INTO public.flyway_schema_history VALUES (3, '3', 'schools individuals prices and shares', 'SQL', 'V3__schools_individuals_prices_and_shares.sql', -26618572, 'pelluna', '2026-11-26 08:40:35.383967', 33, true);
INSERT INTO public.flyway_schema_history VALUES (4, '4', 'own species', 'SQL', 'V4__own_species.sql', 1916099256, 'pelluna', '2026-11-26 08:40:35.456998', 29, true);
INSERT INTO public.flyway_schema_history VALUES (5, '5', 'schedule', 'SQL', 'V5__schedule.sql', -590817849, 'pelluna', '2026-11-26 08:40:35.505932', 41, true);
INSERT INTO public.flyway_schema_history VALUES (6, '6', 'calendar link', 'SQL', 'V6__calendar_link.sql', 1188367929, 'pelluna', '2026-11-26 08:40:35.585116', 12, true);
INSERT INTO public.flyway_schema_history VALUES (7, '7', 'table drafts', 'SQL', 'V7__table_drafts.sql', -1894152654, 'pelluna', '2026-11-26 08:40:35.624954', 21, true);
INSERT INTO public.flyway_schema_history VALUES (8, '8', 'journal', 'SQL', 'V8__journal.sql', -1510647601, 'pelluna', '2026-11-26 08:40:35.669579', 65, true);
INSERT INTO public.flyway_schema_history VALUES (9, '9', 'keys made by the server', 'SQL', 'V9__keys_made_by_the_server.sql', 816283444, 'pelluna', '2026-11-26 08:40:35.76975', 26, true);
INSERT INTO public.flyway_schema_history VALUES (10, '10', 'revision and happenings', 'SQL', 'V10__revision_and_happenings.sql', -1366358587, 'pelluna', '2026-11-26 08:40:35.827524', 43, true);
INSERT INTO public.flyway_schema_history VALUES (11, '11', 'life of a fish', 'SQL', 'V11__life_of_a_fish.sql', -2144403398, 'pelluna', '2026-11-26 08:40:35.908465', 65, true);
INSERT INTO public.flyway_schema_history VALUES (12, '12', 'kinds of tank', 'SQL', 'V12__kinds_of_tank.sql', 2027450166, 'pelluna', '2026-11-26 08:40:35.98621', 13, true);
INSERT INTO public.flyway_schema_history VALUES (13, '13', 'seen in the shop', 'SQL', 'V13__seen_in_the_shop.sql', -654042492, 'pelluna', '2026-11-26 08:40:36.031898', 16, true);

INSERT INTO public.happening VALUES ('6dc38ef5-d6d0-460f-bb0a-91c2da0ab864', '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', '9d252f5e-6352-42b9-ab05-0fadbe223dcc', 'w-neon', '{"what": {"wishId": "w-neon", "entries": [{"at": "2026-11-26T21:00:00", "id": "379110f7-9015-44c0-873f-dc0e169cf8a6", "kind": "arrival", "fishId": "1b4e041d-4f03-4d84-be90-9ef198f05502"}], "happening": "arrived", "residents": [{"id": "1b4e041d-4f03-4d84-be90-9ef198f05502", "name": "Spark", "lengthCm": 3.0, "arrivedOn": "2026-11-26", "speciesId": "elacatinus-oceanops"}]}, "before": {"wish": {"id": "w-neon", "count": 1, "price": 24.0, "askedBy": "Ilse", "decision": "open", "speciesId": "elacatinus-oceanops"}, "order": [], "place": 1}, "happening": "taken_back"}', '2026-11-26 08:41:32.764006+00', NULL);

INSERT INTO public.journal_item VALUES ('6926095c-f727-457e-a735-fa211096a308', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'w000', 'WATCH', '{"id": "w000", "start": "2026-10-14T18:30:00", "minutes": 30}', NULL);
INSERT INTO public.journal_item VALUES ('fad5fe51-76d9-4895-bae2-5f51858036e8', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'w001', 'WATCH', '{"id": "w001", "start": "2026-10-15T18:30:00", "minutes": 20}', NULL);
INSERT INTO public.journal_item VALUES ('382f4dbd-75b9-4775-83d9-030e2eeece78', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'w002', 'WATCH', '{"id": "w002", "start": "2026-10-16T18:30:00", "minutes": 20}', NULL);
INSERT INTO public.journal_item VALUES ('3da00e15-c974-4041-b386-38b24a9f1763', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'w003', 'WATCH', '{"id": "w003", "start": "2026-10-17T18:30:00", "minutes": 30}', NULL);
INSERT INTO public.journal_item VALUES ('b4988b7a-62ca-4c0f-a3b5-7a814181b334', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'w004', 'WATCH', '{"id": "w004", "start": "2026-10-18T18:30:00", "minutes": 20}', NULL);
INSERT INTO public.journal_item VALUES ('c0a044df-b8de-43a5-9621-1cbb1c0e95ea', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'w005', 'WATCH', '{"id": "w005", "start": "2026-10-19T18:30:00", "minutes": 20}', NULL);
INSERT INTO public.journal_item VALUES ('616acc8d-e25e-468a-899b-29a62a7e80ec', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'w006', 'WATCH', '{"id": "w006", "start": "2026-10-20T18:30:00", "minutes": 30}', NULL);
INSERT INTO public.journal_item VALUES ('e1132b0c-3cfd-4bea-8a7e-41e31bbb2b3f', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'w007', 'WATCH', '{"id": "w007", "start": "2026-10-21T18:30:00", "minutes": 20}', NULL);
INSERT INTO public.journal_item VALUES ('d9135d73-b112-4001-a809-b3b311476ab7', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'w008', 'WATCH', '{"id": "w008", "start": "2026-10-22T18:30:00", "minutes": 20}', NULL);
INSERT INTO public.journal_item VALUES ('1d7dbaa8-7b2b-4ea5-855a-3b55a4d278a9', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'w009', 'WATCH', '{"id": "w009", "start": "2026-10-23T18:30:00", "minutes": 30}', NULL);
INSERT INTO public.journal_item VALUES ('35189ff7-cd1e-49f1-9452-dee3a3ebef82', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'w010', 'WATCH', '{"id": "w010", "start": "2026-10-24T18:30:00", "minutes": 20}', NULL);
INSERT INTO public.journal_item VALUES ('f30e6bf9-dbfc-4ff2-8d36-7db66cb87f83', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'w011', 'WATCH', '{"id": "w011", "start": "2026-10-25T18:30:00", "minutes": 20}', NULL);
INSERT INTO public.journal_item VALUES ('109b1608-7b04-4ba2-8d54-6774d3ac31cb', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'w012', 'WATCH', '{"id": "w012", "start": "2026-10-26T18:30:00", "minutes": 30}', NULL);
INSERT INTO public.journal_item VALUES ('b97ba457-7808-4a17-bda4-035ab0fc1879', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'w013', 'WATCH', '{"id": "w013", "start": "2026-10-27T18:30:00", "minutes": 20}', NULL);
INSERT INTO public.journal_item VALUES ('7c117bf5-0c30-4501-bc9b-61a82000f426', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'w014', 'WATCH', '{"id": "w014", "start": "2026-10-28T18:30:00", "minutes": 20}', NULL);
INSERT INTO public.journal_item VALUES ('dbad84b9-fbf6-4cf9-a937-f5a90ba520a1', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'w016', 'WATCH', '{"id": "w016", "start": "2026-10-30T18:30:00", "minutes": 20}', NULL);
INSERT INTO public.journal_item VALUES ('18d0e367-cc60-4584-bfbd-19bc9cee9920', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'w018', 'WATCH', '{"id": "w018", "start": "2026-11-01T18:30:00", "minutes": 30}', NULL);
INSERT INTO public.journal_item VALUES ('cc0cd4a6-844c-435b-9734-18bc6104e23b', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'w020', 'WATCH', '{"id": "w020", "start": "2026-11-03T18:30:00", "minutes": 20}', NULL);
INSERT INTO public.journal_item VALUES ('d93ed2ad-df31-4dd4-9d79-4679c9d4aab1', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'w022', 'WATCH', '{"id": "w022", "start": "2026-11-05T18:30:00", "minutes": 20}', NULL);
INSERT INTO public.journal_item VALUES ('dc03e53c-e304-4237-abe4-8eb70e5ea2fb', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'w024', 'WATCH', '{"id": "w024", "start": "2026-11-07T18:30:00", "minutes": 30}', NULL);
INSERT INTO public.journal_item VALUES ('88ecac95-e330-4e02-add1-806a257e4b11', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'w026', 'WATCH', '{"id": "w026", "start": "2026-11-09T18:30:00", "minutes": 20}', NULL);
INSERT INTO public.journal_item VALUES ('4a42e14b-8a84-4caa-96c9-3db1cf7d59ed', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'w028', 'WATCH', '{"id": "w028", "start": "2026-11-11T18:30:00", "minutes": 20}', NULL);
INSERT INTO public.journal_item VALUES ('1310b9f1-4c41-4c08-a895-dc29b9eaa6a8', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'w030', 'WATCH', '{"id": "w030", "start": "2026-11-13T18:30:00", "minutes": 30}', NULL);
INSERT INTO public.journal_item VALUES ('c7e7f96f-b214-4807-b4be-ee837e93cbdc', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'w032', 'WATCH', '{"id": "w032", "start": "2026-11-15T18:30:00", "minutes": 20}', NULL);
INSERT INTO public.journal_item VALUES ('299b2856-ec75-4f4b-bf36-1f7b4d6eba66', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'w034', 'WATCH', '{"id": "w034", "start": "2026-11-17T18:30:00", "minutes": 20}', NULL);
INSERT INTO public.journal_item VALUES ('dfca9709-2626-4053-ad99-cf4756b8771e', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'w036', 'WATCH', '{"id": "w036", "start": "2026-11-19T18:30:00", "minutes": 30}', NULL);
INSERT INTO public.journal_item VALUES ('00241ac1-87ce-4dfc-a3de-8def4024a9f3', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'w038', 'WATCH', '{"id": "w038", "start": "2026-11-21T18:30:00", "minutes": 20}', NULL);
INSERT INTO public.journal_item VALUES ('f11e3811-7780-4675-8eea-073194651e46', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'w040', 'WATCH', '{"id": "w040", "start": "2026-11-23T18:30:00", "minutes": 20}', NULL);
INSERT INTO public.journal_item VALUES ('de189e68-d94d-4015-bd98-3204deff4a7d', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'w042', 'WATCH', '{"id": "w042", "start": "2026-11-25T18:30:00", "minutes": 30}', NULL);
INSERT INTO public.journal_item VALUES ('ffb37244-cfde-40a9-bfee-03c32b5a0268', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'rc00', 'ROLL_CALL', '{"at": "2026-10-14T19:10:00", "id": "rc00", "found": {"pip": "eating", "gale": "eating", "plum": "eating", "wren": "eating", "bosun": "eating", "inkwell": "hiding"}}', NULL);
INSERT INTO public.journal_item VALUES ('b6adecfb-a7e4-4682-bcb7-795b05b3b52e', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'rc02', 'ROLL_CALL', '{"at": "2026-10-16T19:10:00", "id": "rc02", "found": {"pip": "eating", "gale": "eating", "plum": "eating", "wren": "eating", "bosun": "eating", "inkwell": "hiding"}}', NULL);
INSERT INTO public.journal_item VALUES ('b23bd088-8b77-416d-8cb6-303c706fd9b4', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'rc05', 'ROLL_CALL', '{"at": "2026-10-19T19:10:00", "id": "rc05", "found": {"pip": "eating", "gale": "eating", "plum": "eating", "wren": "eating", "bosun": "eating", "inkwell": "seen"}}', NULL);
INSERT INTO public.journal_item VALUES ('144a161f-efac-494a-9d37-9aa473136a77', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'rc09', 'ROLL_CALL', '{"at": "2026-10-23T19:10:00", "id": "rc09", "found": {"pip": "eating", "gale": "eating", "plum": "eating", "wren": "eating", "bosun": "eating", "inkwell": "eating"}}', NULL);
INSERT INTO public.journal_item VALUES ('ac97e0e6-c9bd-453f-8b2b-0c919fbb4b36', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'rc16', 'ROLL_CALL', '{"at": "2026-10-30T19:10:00", "id": "rc16", "found": {"pip": "eating", "gale": "eating", "plum": "eating", "wren": "eating", "bosun": "eating", "inkwell": "eating"}}', NULL);
INSERT INTO public.journal_item VALUES ('03a7230d-5ada-4d22-b159-f30d706b62b9', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'rc24', 'ROLL_CALL', '{"at": "2026-11-07T19:10:00", "id": "rc24", "found": {"pip": "eating", "gale": "eating", "plum": "hiding", "wren": "eating", "bosun": "eating", "inkwell": "eating"}}', NULL);
INSERT INTO public.journal_item VALUES ('7acd8482-2fb4-41f4-ae6a-221664b35ecd', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'rc32', 'ROLL_CALL', '{"at": "2026-11-15T19:10:00", "id": "rc32", "found": {"pip": "eating", "gale": "eating", "plum": "eating", "wren": "eating", "bosun": "eating"}}', NULL);
INSERT INTO public.journal_item VALUES ('29d3b8f4-04c5-4b22-9717-baf65f07d05e', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'rc40', 'ROLL_CALL', '{"at": "2026-11-23T19:10:00", "id": "rc40", "found": {"pip": "eating", "gale": "eating", "plum": "eating", "wren": "eating", "bosun": "eating", "inkwell": "eating"}}', NULL);
INSERT INTO public.journal_item VALUES ('1172b2b2-d21c-419b-b71e-74c0ac6846f9', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'sg1', 'SIGN', '{"at": "2026-10-18T19:10:00", "id": "sg1", "kind": "torn_fins", "note": "lower edge of the tail, fresh", "fishId": "inkwell"}', NULL);
INSERT INTO public.journal_item VALUES ('34bbc92b-b909-4184-915d-502b5f6b6582', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'rm1', 'REMEDY', '{"id": "rm1", "from": "2026-10-25", "kind": "mirror", "note": "on the left pane", "until": "2026-11-15", "fishId": "gale"}', NULL);
INSERT INTO public.journal_item VALUES ('e37feed1-701b-4991-bb76-bce64cea1a30', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'cr1', 'CREW', '{"id": "cr1", "on": "2026-08-04", "kind": "added", "name": "turban snails", "count": 30, "group": "snails", "smallestCm": 1.2}', NULL);
INSERT INTO public.journal_item VALUES ('fe65b69b-ee10-484e-aa4a-0dbdcf0061fc', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'cr4', 'CREW', '{"id": "cr4", "on": "2026-08-04", "kind": "added", "name": "blue-leg hermits", "count": 12, "group": "crabs_and_hermits", "smallestCm": 1.5}', NULL);
INSERT INTO public.journal_item VALUES ('bf2cce44-2e42-41d2-8bf1-9262f89a789e', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'cr2', 'CREW', '{"id": "cr2", "on": "2026-09-23", "kind": "counted", "name": "turban snails", "count": 22, "group": "snails", "smallestCm": 1.2}', NULL);
INSERT INTO public.journal_item VALUES ('986bdeb4-b1ec-4f99-9714-da64b45b6f15', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'cr3', 'CREW', '{"id": "cr3", "on": "2026-11-11", "kind": "counted", "name": "turban snails", "count": 17, "group": "snails", "smallestCm": 1.2}', NULL);
INSERT INTO public.journal_item VALUES ('f2e011a4-80d7-4891-8b05-6e60988f8539', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'cr5', 'CREW', '{"id": "cr5", "on": "2026-11-11", "kind": "counted", "name": "blue-leg hermits", "count": 10, "group": "crabs_and_hermits", "smallestCm": 1.5}', NULL);
INSERT INTO public.journal_item VALUES ('e5a403d3-57b6-4089-948b-6eb7c67dd3e6', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'tk1', 'TASK', '{"id": "tk1", "on": "2026-11-27", "done": false, "words": "Re-string the mesh at the back corner"}', NULL);
INSERT INTO public.journal_item VALUES ('4c0f5b7e-5cec-4221-9ba7-5a403e724561', 0, '556fcf13-dac3-4bea-9b6e-f8e9173dde1c', 'wl-rc', 'ROLL_CALL', '{"at": "2026-11-23T20:10:00", "id": "wl-rc", "found": {"tansy": "eating"}}', NULL);
INSERT INTO public.journal_item VALUES ('7e58904f-238d-4261-ba63-cf1c256693c6', 0, '556fcf13-dac3-4bea-9b6e-f8e9173dde1c', 'wl-c1', 'CREW', '{"id": "wl-c1", "on": "2026-08-29", "kind": "added", "name": "Candy pistol shrimp", "count": 1, "group": "shrimps", "smallestCm": 3.0}', NULL);
INSERT INTO public.journal_item VALUES ('c922a6f4-a583-440b-8d6b-949030fe9e7e', 0, '556fcf13-dac3-4bea-9b6e-f8e9173dde1c', 'wl-c2', 'CREW', '{"id": "wl-c2", "on": "2026-08-29", "kind": "added", "name": "Cerith snails", "count": 8, "group": "snails", "smallestCm": 1.5}', NULL);
INSERT INTO public.journal_item VALUES ('c1d360b8-cbab-4d24-9b33-78bf1c3e8cfd', 0, '556fcf13-dac3-4bea-9b6e-f8e9173dde1c', 'wl-c3', 'CREW', '{"id": "wl-c3", "on": "2026-11-04", "kind": "counted", "name": "Cerith snails", "count": 7, "group": "snails", "smallestCm": 1.5}', NULL);
INSERT INTO public.journal_item VALUES ('fe248b94-4574-4ff9-af84-d4733ab66a9c', 0, '9f632cd8-3c00-4549-a8f1-8c11b06d8ca0', 'sr-rc', 'ROLL_CALL', '{"at": "2026-11-24T20:15:00", "id": "sr-rc", "found": {"neon-1": "eating"}}', NULL);
INSERT INTO public.journal_item VALUES ('03756c4d-03c9-4a62-b036-7cac3c1b29e0', 0, '9f632cd8-3c00-4549-a8f1-8c11b06d8ca0', 'sr-p1', 'PHASE', '{"id": "sr-p1", "days": 14, "from": "2026-11-18", "kind": "observation"}', NULL);

INSERT INTO public.keeper VALUES ('580527fe-0e98-46cb-85b2-bf7a24734965', 'demo', 'Marit Vestergaard-Lund', '$2a$12$mwXTY93g1JQtNuV/bU47qO591ZVKotz516e1JaGWahf4IURjFNmzq', 'CENTIMETRE', 'LITRE', 'CELSIUS', '2026-11-26 08:41:02.447993+00', '22:00:00', '07:00:00', NULL);

INSERT INTO public.log_entry VALUES ('2c42fc5d-0eee-45ed-9889-6413eee83a52', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'l001', '2026-04-30 21:40:00', 'ARRIVAL', NULL, 'bosun', NULL, NULL, NULL, NULL, NULL);
INSERT INTO public.log_entry VALUES ('bf6274cd-fd3e-4bb5-8685-872194218ca0', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'l002', '2026-04-30 21:40:00', 'ARRIVAL', NULL, 'wren', NULL, NULL, NULL, 'released at lights-out', NULL);
INSERT INTO public.log_entry VALUES ('d520a9b4-d2cc-4791-8471-c76a917c8d40', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'l009', '2026-05-02 18:10:00', 'CHASE', 'bosun', 'wren', 1, 'left corner', 20, NULL, NULL);
INSERT INTO public.log_entry VALUES ('c3644645-b37e-4db8-bb81-1f4f9a16fb66', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'l010', '2026-05-05 18:30:00', 'DISPLAY', 'bosun', 'wren', 1, 'left corner', 20, NULL, NULL);
INSERT INTO public.log_entry VALUES ('1b731410-fe48-4be5-93c8-4e474c5ee652', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'l003', '2026-05-28 21:40:00', 'ARRIVAL', NULL, 'plum', NULL, NULL, NULL, 'released at lights-out', NULL);
INSERT INTO public.log_entry VALUES ('75fff539-4c1a-4fc7-8d77-ba67b84ead95', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'l011', '2026-05-30 19:00:00', 'CHASE', 'bosun', 'plum', 1, 'left arch', 15, NULL, NULL);
INSERT INTO public.log_entry VALUES ('dd4a057c-1ee8-463a-b6db-3f4f3721ed17', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'l004', '2026-06-13 21:40:00', 'ARRIVAL', NULL, 'ember', NULL, NULL, NULL, 'released at lights-out', NULL);
INSERT INTO public.log_entry VALUES ('7f560c8b-5d3f-45aa-b6a1-703a1f1f4bae', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'l012', '2026-06-15 19:20:00', 'DISPLAY', 'plum', 'ember', 1, 'middle cave', 20, NULL, NULL);
INSERT INTO public.log_entry VALUES ('923c9a9d-7893-4e9c-a044-5ef283a21b5f', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'l005', '2026-06-29 21:40:00', 'ARRIVAL', NULL, 'pip', NULL, NULL, NULL, 'released at lights-out', NULL);
INSERT INTO public.log_entry VALUES ('ebf1c3af-ff17-4ea6-929f-cd239d1bbff3', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'l013', '2026-07-09 20:05:00', 'NOTE', NULL, NULL, NULL, NULL, NULL, 'Mesh sags at the back corner; a gap wide enough for a finger.', NULL);
INSERT INTO public.log_entry VALUES ('b7083df3-6d55-4e51-a0b2-390e2b653ff7', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'l006', '2026-07-21 21:40:00', 'ARRIVAL', NULL, 'gale', NULL, NULL, NULL, 'released at lights-out', NULL);
INSERT INTO public.log_entry VALUES ('fdaee1ba-7fbb-45c4-bfa0-ec71b572c7ac', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'l014', '2026-07-23 19:15:00', 'CHASE', 'gale', 'plum', 2, 'middle cave', 20, NULL, NULL);
INSERT INTO public.log_entry VALUES ('0aaef4a1-3734-4594-94ea-bd17ca8c1cf7', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'l015', '2026-07-25 19:00:00', 'CHASE', 'gale', 'ember', 2, 'front', 20, NULL, NULL);
INSERT INTO public.log_entry VALUES ('a97eb4da-c2aa-4f73-9beb-20f7f38cdb43', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'l016', '2026-07-27 19:10:00', 'CHASE', 'gale', 'ember', 3, 'front', 15, NULL, NULL);
INSERT INTO public.log_entry VALUES ('78e30bce-7ca9-4780-9c57-873f64db493c', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'l017', '2026-07-28 07:20:00', 'NOTE', NULL, NULL, NULL, NULL, NULL, 'Ember on the floor behind the stand. Mesh re-strung the same evening, gap now 6 mm.', NULL);
INSERT INTO public.log_entry VALUES ('69577398-838a-4696-8345-3dcc0959444e', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'l007', '2026-08-18 21:40:00', 'ARRIVAL', NULL, 'saffron', NULL, NULL, NULL, 'released at lights-out', NULL);
INSERT INTO public.log_entry VALUES ('2ce131e9-84de-4652-93be-d4dd35c8ff74', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'l018', '2026-08-19 19:30:00', 'CHASE', 'gale', 'saffron', 2, 'right shelf', 20, NULL, NULL);
INSERT INTO public.log_entry VALUES ('880a3c7b-025a-44dd-bdc5-bde7344ffa02', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'l019', '2026-08-20 19:30:00', 'CHASE', 'gale', 'saffron', 3, 'right shelf', 20, NULL, NULL);
INSERT INTO public.log_entry VALUES ('458696b1-410b-4d76-a916-ed5a7c7e2467', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'l020', '2026-08-22 19:30:00', 'NIP', 'gale', 'saffron', 2, 'front', 20, NULL, NULL);
INSERT INTO public.log_entry VALUES ('b7b4590d-e929-44f1-b00c-929026ef43aa', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'l021', '2026-08-24 19:30:00', 'CHASE', 'gale', 'saffron', 3, 'right shelf', 20, NULL, NULL);
INSERT INTO public.log_entry VALUES ('9c573a5b-5f4f-4e66-a8d3-fae30bcb2815', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'l022', '2026-08-27 19:30:00', 'PINNED', 'gale', 'saffron', 3, 'right corner', 20, NULL, NULL);
INSERT INTO public.log_entry VALUES ('a1affa88-3603-41cf-8254-d27dbbe6fea2', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'l023', '2026-08-30 19:30:00', 'CHASE', 'gale', 'saffron', 3, 'right corner', 20, NULL, NULL);
INSERT INTO public.log_entry VALUES ('95f858b2-f9b0-4b7b-bd93-cc2292588eef', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'l024', '2026-09-02 19:30:00', 'NIP', 'gale', 'saffron', 3, 'right corner', 20, NULL, NULL);
INSERT INTO public.log_entry VALUES ('39e24ac8-56dd-45ac-8974-bab041f14986', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'l025', '2026-09-03 19:50:00', 'INJURY', 'gale', 'saffron', 2, 'right corner', 20, 'Tail fin torn, one side pale.', NULL);
INSERT INTO public.log_entry VALUES ('65f06607-66c9-4cbc-96e5-794925f17ff4', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'l026', '2026-09-06 19:30:00', 'NOTE', NULL, NULL, NULL, NULL, NULL, 'Saffron did not come out to feed for the second day.', NULL);
INSERT INTO public.log_entry VALUES ('9d2aad2d-9ef8-4ebd-b171-443f92e62b19', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'l027', '2026-09-08 08:00:00', 'NOTE', NULL, NULL, NULL, NULL, NULL, 'Saffron found on the sand. Fins ragged.', NULL);
INSERT INTO public.log_entry VALUES ('a71d48d0-5897-4a55-b915-084cd17b878c', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'l028', '2026-09-27 19:30:00', 'DISPLAY', 'gale', 'plum', 1, 'middle cave', 20, NULL, NULL);
INSERT INTO public.log_entry VALUES ('065dbffb-3e65-4a5f-a244-720ad905da44', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'l008', '2026-10-13 21:40:00', 'ARRIVAL', NULL, 'inkwell', NULL, NULL, NULL, 'released at lights-out', NULL);
INSERT INTO public.log_entry VALUES ('fa219b24-c304-41f9-a0df-f468ec3afefd', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'n001', '2026-10-14 18:35:05', 'CHASE', 'gale', 'inkwell', 1, 'front', NULL, NULL, NULL);
INSERT INTO public.log_entry VALUES ('f7a94b65-a850-48f2-bf48-0d3169b41be0', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'n002', '2026-10-14 18:48:58', 'CHASE', 'gale', 'inkwell', 1, 'Middle cave', NULL, NULL, NULL);
INSERT INTO public.log_entry VALUES ('878527ac-a659-4d09-84dc-2d8da2a47c04', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'l029', '2026-10-14 19:00:00', 'CHASE', 'gale', 'inkwell', 2, 'left arch', 20, NULL, NULL);
INSERT INTO public.log_entry VALUES ('39edee54-4a74-414b-b05d-0b2621b650e5', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'n003', '2026-10-15 18:39:51', 'CHASE', 'gale', 'inkwell', 1, 'Middle cave', NULL, NULL, NULL);
INSERT INTO public.log_entry VALUES ('56231a23-3739-4055-969f-30f884bc44ed', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'n004', '2026-10-15 18:41:42', 'NIP', 'gale', 'plum', 3, 'Middle cave', NULL, NULL, NULL);
INSERT INTO public.log_entry VALUES ('27e01e60-d1e0-4d69-b0c2-f38ca1724f29', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'n005', '2026-10-16 18:33:59', 'DISPLAY', 'gale', 'inkwell', 2, 'Left cave', NULL, NULL, NULL);
INSERT INTO public.log_entry VALUES ('dd175680-7105-4d59-9e07-9c833718e8bb', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'n006', '2026-10-16 18:40:54', 'DISPLAY', 'bosun', 'inkwell', 1, 'front', NULL, NULL, NULL);
INSERT INTO public.log_entry VALUES ('63f18d51-72b4-4e58-b5c1-bb5f911a2784', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'l030', '2026-10-16 19:10:00', 'CHASE', 'gale', 'inkwell', 2, 'left arch', 20, NULL, NULL);
INSERT INTO public.log_entry VALUES ('fcd10187-e0a2-4485-babc-a7877a97a304', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'n009', '2026-10-17 18:45:17', 'CHASE', 'bosun', 'wren', 2, 'front', NULL, NULL, NULL);
INSERT INTO public.log_entry VALUES ('ec65f085-3021-46c1-9eff-3e75984516ea', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'n007', '2026-10-17 18:45:40', 'CHASE', 'gale', 'inkwell', 3, 'Under the table', NULL, NULL, NULL);
INSERT INTO public.log_entry VALUES ('ea0c7bf6-6850-470e-af4a-98ebd19091bb', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'n008', '2026-10-17 18:51:30', 'CHASE', 'gale', 'inkwell', 1, 'Middle cave', NULL, NULL, NULL);
INSERT INTO public.log_entry VALUES ('23a2b010-ec41-497a-bcdb-7b46847f43c3', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'n010', '2026-10-18 18:32:45', 'CHASE', 'gale', 'inkwell', 2, 'Under the table', NULL, NULL, NULL);
INSERT INTO public.log_entry VALUES ('6b8f7c08-92a2-4bbb-aceb-3fcf905cc306', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'n013', '2026-10-19 18:39:24', 'DISPLAY', 'gale', 'plum', 1, 'Arch slit', NULL, NULL, NULL);
INSERT INTO public.log_entry VALUES ('bfb122d8-2f0a-4f45-83f1-be1db163aa04', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'n011', '2026-10-19 18:41:01', 'CHASE', 'bosun', 'wren', 2, 'Arch slit', NULL, NULL, NULL);
INSERT INTO public.log_entry VALUES ('88374e8c-b960-4262-ba81-147da1ce7699', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'n012', '2026-10-19 18:44:55', 'DISPLAY', 'plum', 'inkwell', 1, 'Arch slit', NULL, NULL, NULL);
INSERT INTO public.log_entry VALUES ('79b447cc-c783-4bf9-9647-10a59e61f7f8', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'l031', '2026-10-19 19:00:00', 'CHASE', 'gale', 'inkwell', 1, 'left arch', 20, NULL, NULL);
INSERT INTO public.log_entry VALUES ('753b07f2-15ad-4f3c-9329-48778f852f8e', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'n015', '2026-10-20 18:34:28', 'CHASE', 'gale', 'inkwell', 2, 'Middle cave', NULL, NULL, NULL);
INSERT INTO public.log_entry VALUES ('e61d935b-bb9f-45a3-9126-698d80a07037', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'n014', '2026-10-20 18:42:50', 'CHASE', 'gale', 'inkwell', 2, 'Under the table', NULL, NULL, NULL);
INSERT INTO public.log_entry VALUES ('f629b65b-1e41-48cb-8b7e-5ccdf3c00261', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'n016', '2026-10-20 18:48:31', 'DISPLAY', 'gale', 'plum', 1, 'Arch slit', NULL, NULL, NULL);
INSERT INTO public.log_entry VALUES ('91c7260d-00cf-420d-bc4b-9aeca0b92a6b', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'n017', '2026-10-21 18:47:18', 'NIP', 'gale', 'inkwell', 1, 'front', NULL, NULL, NULL);
INSERT INTO public.log_entry VALUES ('d8399283-7e7e-4422-8d87-2f3a2fea753b', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'n018', '2026-10-22 18:37:31', 'CHASE', 'gale', 'inkwell', 1, 'Left cave', NULL, NULL, NULL);
INSERT INTO public.log_entry VALUES ('9859b010-ee3e-4af5-935f-e05a010bc39c', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'n020', '2026-10-23 18:36:21', 'CHASE', 'gale', 'plum', 2, 'front', NULL, NULL, NULL);
INSERT INTO public.log_entry VALUES ('2dc7c173-14ae-430b-a8c1-dc8faa9f435a', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'n019', '2026-10-23 18:49:25', 'CHASE', 'bosun', 'wren', 1, 'front', NULL, NULL, NULL);
INSERT INTO public.log_entry VALUES ('16fcc257-5d85-4afe-80a5-148217b0f550', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'n025', '2026-10-24 18:31:13', 'CHASE', 'bosun', 'wren', 1, 'Under the table', NULL, NULL, NULL);
INSERT INTO public.log_entry VALUES ('bd7fb091-010e-4834-8c32-da6d81fb8d1f', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'n023', '2026-10-24 18:35:49', 'CHASE', 'gale', 'inkwell', 2, 'Left cave', NULL, NULL, NULL);
INSERT INTO public.log_entry VALUES ('dd1a2087-8c8a-4b25-914b-b38d30f5b234', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'n021', '2026-10-24 18:39:21', 'NIP', 'gale', 'inkwell', 1, 'Left cave', NULL, NULL, NULL);
INSERT INTO public.log_entry VALUES ('85bacef6-e3b2-4ca3-9015-01b249f32024', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'n022', '2026-10-24 18:39:40', 'CHASE', 'gale', 'inkwell', 1, 'front', NULL, NULL, NULL);
INSERT INTO public.log_entry VALUES ('f3573bb0-f7ba-409e-a643-87aff0a88419', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'n024', '2026-10-24 18:45:36', 'NIP', 'bosun', 'inkwell', 2, 'front', NULL, NULL, NULL);
INSERT INTO public.log_entry VALUES ('728ba4c4-a24c-458e-969a-0fb00a4ed295', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'l032', '2026-10-24 19:05:00', 'DISPLAY', 'gale', 'inkwell', 1, 'left arch', 20, NULL, NULL);
INSERT INTO public.log_entry VALUES ('3c3e52da-3430-42cb-9a40-ae817190c31d', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'n026', '2026-10-25 18:37:10', 'DISPLAY', 'gale', 'inkwell', 1, 'Under the table', NULL, NULL, NULL);
INSERT INTO public.log_entry VALUES ('918776c8-4f92-41e2-a29e-b92c0f0fbf5c', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'n027', '2026-10-25 18:46:58', 'DISPLAY', 'gale', 'inkwell', 1, 'Left cave', NULL, NULL, NULL);
INSERT INTO public.log_entry VALUES ('7169ac80-76a2-4323-9bcd-eb6050db8d75', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'n028', '2026-10-26 18:33:49', 'DISPLAY', 'gale', 'inkwell', 1, 'Arch slit', NULL, NULL, NULL);
INSERT INTO public.log_entry VALUES ('1d072112-475e-409a-9814-dbee74673683', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'n032', '2026-10-26 18:40:59', 'NIP', 'gale', 'plum', 1, 'Left cave', NULL, NULL, NULL);
INSERT INTO public.log_entry VALUES ('925ca71d-7192-4122-91f2-ed00776b5a93', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'n031', '2026-10-26 18:42:32', 'NIP', 'plum', 'inkwell', 1, 'front', NULL, NULL, NULL);
INSERT INTO public.log_entry VALUES ('a704b6e7-b2c5-4fe8-bbfe-ccfe475666ae', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'n030', '2026-10-26 18:43:14', 'NIP', 'bosun', 'inkwell', 1, 'Left cave', NULL, NULL, NULL);
INSERT INTO public.log_entry VALUES ('755d484f-b5a5-42c2-8755-b7b7a3be7261', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'n029', '2026-10-26 18:48:29', 'NIP', 'bosun', 'inkwell', 1, 'Arch slit', NULL, NULL, NULL);
INSERT INTO public.log_entry VALUES ('089ef579-f3ec-4fd9-97a8-e98a86822610', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'n034', '2026-10-27 18:31:45', 'CHASE', 'bosun', 'inkwell', 1, 'Arch slit', NULL, NULL, NULL);
INSERT INTO public.log_entry VALUES ('3e136eaf-6fb6-418f-850b-c90d69fefa40', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'n033', '2026-10-27 18:36:11', 'CHASE', 'gale', 'inkwell', 1, 'front', NULL, NULL, NULL);
INSERT INTO public.log_entry VALUES ('e91f2087-e49a-4278-a110-8dadde3ff1be', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'n035', '2026-10-28 18:40:22', 'CHASE', 'bosun', 'inkwell', 1, 'Left cave', NULL, NULL, NULL);
INSERT INTO public.log_entry VALUES ('d0757121-4e4d-4bd7-80d5-ac4e6ef5671c', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'n036', '2026-10-28 18:49:19', 'DISPLAY', 'gale', 'plum', 1, 'Under the table', NULL, NULL, NULL);
INSERT INTO public.log_entry VALUES ('f661d78c-8f5e-4ba7-8a38-7540f0715fa6', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'n037', '2026-10-30 18:44:05', 'DISPLAY', 'inkwell', 'pip', 1, 'Under the table', NULL, NULL, NULL);
INSERT INTO public.log_entry VALUES ('174fbb35-c389-464e-b6ea-76dfaf6ff433', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'n038', '2026-11-01 18:49:50', 'CHASE', 'gale', 'inkwell', 2, 'Under the table', NULL, NULL, NULL);
INSERT INTO public.log_entry VALUES ('7242b65b-dcaa-4769-8563-98c5b4809d64', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'n039', '2026-11-01 18:51:59', 'CHASE', 'bosun', 'inkwell', 1, 'Arch slit', NULL, NULL, NULL);
INSERT INTO public.log_entry VALUES ('d4a34e58-2945-43a7-b414-8e181efae630', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'n041', '2026-11-03 18:34:11', 'NIP', 'inkwell', 'pip', 2, 'Middle cave', NULL, NULL, NULL);
INSERT INTO public.log_entry VALUES ('d2e5961e-c1a4-4c06-ba6a-248a8a3ee07f', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'n040', '2026-11-03 18:42:51', 'CHASE', 'gale', 'inkwell', 1, 'Middle cave', NULL, NULL, NULL);
INSERT INTO public.log_entry VALUES ('e348cbe2-efed-40dd-9b63-3da22c867a22', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'n042', '2026-11-05 18:38:57', 'NIP', 'bosun', 'wren', 2, 'Middle cave', NULL, NULL, NULL);
INSERT INTO public.log_entry VALUES ('a126516c-8b64-4f5c-86ce-67fbc774933d', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'l033', '2026-11-06 19:20:00', 'CHASE', 'plum', 'inkwell', 1, 'middle cave', 20, NULL, NULL);
INSERT INTO public.log_entry VALUES ('c3dcfbbe-664f-47b5-b97b-1d87e3dde415', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'n043', '2026-11-07 18:43:52', 'CHASE', 'bosun', 'inkwell', 1, 'front', NULL, NULL, NULL);
INSERT INTO public.log_entry VALUES ('13a4d204-9b64-4a0d-8211-df95535f98b4', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'n044', '2026-11-07 18:44:37', 'CHASE', 'bosun', 'inkwell', 1, 'Middle cave', NULL, NULL, NULL);
INSERT INTO public.log_entry VALUES ('c9a13e7b-c2ce-433e-b9d1-cc205429f95e', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'n045', '2026-11-07 18:48:39', 'CHASE', 'bosun', 'wren', 1, 'front', NULL, NULL, NULL);
INSERT INTO public.log_entry VALUES ('02152859-d220-451e-b1e9-d3792cb44e62', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'n047', '2026-11-09 18:38:40', 'NIP', 'gale', 'inkwell', 2, 'Left cave', NULL, NULL, NULL);
INSERT INTO public.log_entry VALUES ('02351f83-bd4b-4a40-9d7b-d5da995f61f5', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'n046', '2026-11-09 18:40:58', 'CHASE', 'gale', 'inkwell', 1, 'front', NULL, NULL, NULL);
INSERT INTO public.log_entry VALUES ('8bab7e9a-c5d6-4354-b9ac-1c86ac6084cd', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'n048', '2026-11-09 18:49:43', 'DISPLAY', 'inkwell', 'pip', 2, 'Under the table', NULL, NULL, NULL);
INSERT INTO public.log_entry VALUES ('f007c33f-cac2-4699-abca-2f201f4b49bb', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'n050', '2026-11-13 18:54:05', 'DISPLAY', 'plum', 'inkwell', 1, 'Left cave', NULL, NULL, NULL);
INSERT INTO public.log_entry VALUES ('adf33b4d-52a0-4a70-89b1-6ec99a904359', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'n049', '2026-11-13 18:59:40', 'CHASE', 'bosun', 'inkwell', 2, 'Middle cave', NULL, NULL, NULL);
INSERT INTO public.log_entry VALUES ('162dce9a-d185-480a-99af-05fbda7c0d12', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'l034', '2026-11-17 19:30:00', 'DISPLAY', 'gale', 'inkwell', 1, 'left arch', 30, NULL, NULL);
INSERT INTO public.log_entry VALUES ('dc51b4a4-7387-401a-b497-48d5ac650f2e', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'n052', '2026-11-19 18:48:00', 'NIP', 'gale', 'plum', 2, 'Under the table', NULL, NULL, NULL);
INSERT INTO public.log_entry VALUES ('36d80d6c-d88a-46cf-8e33-647242677a4e', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'n051', '2026-11-19 18:56:09', 'CHASE', 'plum', 'inkwell', 1, 'Left cave', NULL, NULL, NULL);
INSERT INTO public.log_entry VALUES ('15d3430a-82af-4f6e-8322-3fc4c79d8945', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'n053', '2026-11-21 18:43:21', 'CHASE', 'bosun', 'wren', 2, 'Under the table', NULL, NULL, NULL);
INSERT INTO public.log_entry VALUES ('bad273bc-ce1c-4f90-8777-200d36992de4', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'n054', '2026-11-21 18:44:38', 'CHASE', 'gale', 'plum', 2, 'Middle cave', NULL, NULL, NULL);
INSERT INTO public.log_entry VALUES ('69f1f57b-8c9b-4a54-b247-de2b4e6f9c86', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'l035', '2026-11-23 20:00:00', 'NOTE', NULL, NULL, NULL, NULL, NULL, 'Everyone out at the evening feed; film algae back on the right pane.', NULL);
INSERT INTO public.log_entry VALUES ('aa937005-26d0-4cbc-94bb-6f577e087bb7', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'n056', '2026-11-25 18:33:11', 'CHASE', 'inkwell', 'pip', 1, 'Under the table', NULL, NULL, NULL);
INSERT INTO public.log_entry VALUES ('ca488dde-3987-4877-b1ff-9df02a364743', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'n055', '2026-11-25 18:59:06', 'CHASE', 'bosun', 'wren', 2, 'Arch slit', NULL, NULL, NULL);
INSERT INTO public.log_entry VALUES ('9a76ae32-65e7-47bb-a044-620033e365a3', 0, '556fcf13-dac3-4bea-9b6e-f8e9173dde1c', 'm1', '2026-08-22 21:30:00', 'ARRIVAL', NULL, 'tansy', NULL, NULL, NULL, NULL, NULL);
INSERT INTO public.log_entry VALUES ('5db3281b-4d7b-4e02-b416-5a97abe5c9cb', 0, '556fcf13-dac3-4bea-9b6e-f8e9173dde1c', 'm2', '2026-08-28 18:00:00', 'NOTE', NULL, NULL, NULL, NULL, NULL, 'Tansy has moved in with the pistol shrimp.', NULL);
INSERT INTO public.log_entry VALUES ('d9c3cd42-4bf0-4315-bddc-1ae957bf2a42', 0, '9f632cd8-3c00-4549-a8f1-8c11b06d8ca0', 'sr-l1', '2026-11-19 19:30:00', 'NOTE', NULL, 'neon-1', NULL, NULL, NULL, 'Takes brine shrimp from the glass.', NULL);
INSERT INTO public.log_entry VALUES ('7821eadc-fe2b-4cf5-be45-bdd779a2fb34', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', '379110f7-9015-44c0-873f-dc0e169cf8a6', '2026-11-26 21:00:00', 'ARRIVAL', NULL, '1b4e041d-4f03-4d84-be90-9ef198f05502', NULL, NULL, NULL, NULL, NULL);

INSERT INTO public.loss VALUES ('9f1b1157-2752-4ffb-9b4d-0d21ee534bbb', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'x1', 'ember', '2026-07-28', 'JUMPED', 'LIKELY', 45, 'Gap in the mesh; chased by Gale the evening before.', NULL, '{}');
INSERT INTO public.loss VALUES ('dcdfae0d-7f3c-4249-845d-cf58530a32db', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'x2', 'saffron', '2026-09-08', 'AGGRESSION', 'LIKELY', 60, 'Three weeks of chasing by Gale first.', NULL, '{}');

INSERT INTO public.resident VALUES ('bcb39cbf-4ee1-4780-874f-905149ae2396', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'bosun', 0, 'amphiprion-ocellaris', 'Bosun', '2026-04-30', 4.5, NULL, NULL, NULL, '{"price": 42.0, "method": "lights_out", "origin": "bred"}', NULL);
INSERT INTO public.resident VALUES ('4a5122b5-cc8d-4b0c-bb46-30cc0c999616', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'wren', 1, 'amphiprion-ocellaris', 'Wren', '2026-04-30', 3, NULL, NULL, NULL, '{"price": 42.0, "method": "lights_out", "origin": "bred"}', NULL);
INSERT INTO public.resident VALUES ('eda68e14-dafd-4f34-94d6-426ba6d14aad', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'plum', 2, 'gramma-loreto', 'Plum', '2026-05-28', 4, NULL, NULL, NULL, '{"price": 38.0, "method": "lights_out", "origin": "wild"}', NULL);
INSERT INTO public.resident VALUES ('69b354ab-40a7-4da6-98cd-9f4cf6a6ec17', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'ember', 3, 'nemateleotris-magnifica', 'Ember', '2026-06-13', 4.5, '2026-07-28', NULL, NULL, '{"price": 35.0, "method": "straight", "origin": "wild"}', NULL);
INSERT INTO public.resident VALUES ('37d96b2e-5a0a-4acf-b481-d96c30fbf72c', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'pip', 4, 'cryptocentrus-cinctus', 'Pip', '2026-06-29', 5, NULL, NULL, NULL, '{"price": 40.0, "method": "lights_out", "origin": "wild"}', NULL);
INSERT INTO public.resident VALUES ('49004ea0-5e56-4346-93fe-92e335c61fa3', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'gale', 5, 'chrysiptera-parasema', 'Gale', '2026-07-21', 4.5, NULL, NULL, NULL, '{"price": 12.0, "method": "straight", "origin": "wild"}', NULL);
INSERT INTO public.resident VALUES ('6146433a-4ddd-4cab-ad98-abf0206afceb', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'saffron', 6, 'halichoeres-chrysus', 'Saffron', '2026-08-18', 5, '2026-09-08', NULL, NULL, '{"price": 45.0, "method": "straight", "origin": "wild"}', NULL);
INSERT INTO public.resident VALUES ('fa846675-327f-451e-a57e-cd2934e211ad', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'inkwell', 7, 'ecsenius-bicolor', 'Inkwell', '2026-10-13', 6, NULL, NULL, NULL, '{"price": 36.0, "method": "box", "origin": "wild"}', '{"sexes": [], "arrival": "day", "lengths": [], "absences": [{"id": "inkwell-out", "from": "2026-11-14", "note": "a torn fin, to heal in peace", "place": "quarantine", "until": "2026-11-16"}]}');
INSERT INTO public.resident VALUES ('6f8d6798-5184-46f3-ac7b-afbc810585f5', 0, '556fcf13-dac3-4bea-9b6e-f8e9173dde1c', 'tansy', 0, 'cryptocentrus-cinctus', 'Tansy', '2026-08-22', 5, NULL, NULL, NULL, NULL, NULL);
INSERT INTO public.resident VALUES ('68640014-15aa-43ad-8020-ecf1fa79e379', 0, '556fcf13-dac3-4bea-9b6e-f8e9173dde1c', 'brill', 1, 'salarias-fasciatus', 'Brill', '2026-09-05', 7, '2026-10-31', NULL, NULL, '{"price": 24.0, "method": "lights_out", "origin": "wild"}', '{"sexes": [], "arrival": "day", "lengths": [{"cm": 8.1, "on": "2026-10-23"}], "absences": [], "departure": {"to": "Oke, across the landing, who has more algae", "kind": "sold", "price": 15.0}}');
INSERT INTO public.resident VALUES ('8d44ac2c-bf5e-490c-8f3a-dba6c8d3cb3a', 0, '9f632cd8-3c00-4549-a8f1-8c11b06d8ca0', 'inkwell-out-guest', 0, 'ecsenius-bicolor', 'Inkwell', '2026-11-14', 6.2, '2026-11-16', NULL, NULL, NULL, '{"bound": {"tank": "87ac4e85-4658-41a4-8d47-3ae10d08cdbd", "absence": "inkwell-out"}, "sexes": [], "arrival": "day", "lengths": [], "absences": [], "departure": {"to": "Skerry reef", "kind": "moved"}}');
INSERT INTO public.resident VALUES ('81a98887-4923-40a7-b95a-7d89a890b6c6', 0, '9f632cd8-3c00-4549-a8f1-8c11b06d8ca0', 'neon-1', 1, 'elacatinus-oceanops', 'Flint', '2026-11-18', 3.2, NULL, NULL, NULL, '{"price": 19.0, "origin": "bred"}', '{"bound": {"tank": "556fcf13-dac3-4bea-9b6e-f8e9173dde1c", "wish": "v-neon"}, "sexes": [], "arrival": "day", "lengths": [], "absences": []}');
INSERT INTO public.resident VALUES ('589398f0-9eb3-4923-80f3-5cf67dfd3561', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', '1b4e041d-4f03-4d84-be90-9ef198f05502', 8, 'elacatinus-oceanops', 'Spark', '2026-11-26', 3, NULL, '43859e29-ada4-40f6-a87e-9a382f1f6c60', NULL, NULL, NULL);

INSERT INTO public.schedule VALUES ('87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 0, '{"order": [], "ticks": [], "setbacks": [{"id": "sb1", "on": "2026-11-03", "fish": "Solor fairy wrasse", "kind": "late", "note": "the importer''s flight was cancelled"}], "boxChecks": [], "notBefore": {}, "quarantine": {"litres": 62.0, "places": 3, "compartments": 2, "specificGravity": 1.021}, "inQuarantine": {}}');
INSERT INTO public.schedule VALUES ('556fcf13-dac3-4bea-9b6e-f8e9173dde1c', 0, '{"order": [], "ticks": [], "setbacks": [], "boxChecks": [], "notBefore": {}, "inQuarantine": {"v-neon": "2026-11-18"}}');
INSERT INTO public.schedule VALUES ('9f632cd8-3c00-4549-a8f1-8c11b06d8ca0', 0, '{"order": [], "ticks": [], "setbacks": [], "boxChecks": [], "notBefore": {}, "inQuarantine": {}}');

INSERT INTO public.tank VALUES ('87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 0, '580527fe-0e98-46cb-85b2-bf7a24734965', 'Skerry reef', '{"name": "Skerry reef", "cover": {"kind": "mesh", "gapMm": 6.0}, "drawn": {"gaps": [{"id": "g1", "xCm": 146.0, "yCm": 4.0, "name": "Back corner", "widthMm": 6.0}], "rocks": [{"id": "ridge", "xCm": 46.0, "yCm": 21.0, "form": "mound", "name": "Long ridge", "liftCm": 0.0, "depthCm": 34.0, "widthCm": 74.0, "heightCm": 22.0}, {"id": "stack", "xCm": 22.0, "yCm": 16.0, "form": "pillar", "name": "The stack", "liftCm": 0.0, "depthCm": 14.0, "widthCm": 15.0, "heightCm": 37.0}, {"id": "arch", "xCm": 50.0, "yCm": 22.0, "form": "shelf", "name": "The arch", "liftCm": 19.0, "depthCm": 24.0, "widthCm": 44.0, "heightCm": 4.5}, {"id": "crown", "xCm": 58.0, "yCm": 20.0, "form": "mound", "name": "Crown", "liftCm": 22.5, "depthCm": 18.0, "widthCm": 22.0, "heightCm": 10.0}, {"id": "leg-left", "xCm": 101.0, "yCm": 20.0, "form": "pillar", "name": "Left leg", "liftCm": 0.0, "depthCm": 12.0, "widthCm": 9.0, "heightCm": 15.0}, {"id": "leg-right", "xCm": 123.0, "yCm": 22.0, "form": "pillar", "name": "Right leg", "liftCm": 0.0, "depthCm": 12.0, "widthCm": 9.0, "heightCm": 15.0}, {"id": "table", "xCm": 112.0, "yCm": 22.0, "form": "shelf", "name": "The table", "liftCm": 14.0, "depthCm": 26.0, "widthCm": 38.0, "heightCm": 4.0}, {"id": "outlier", "xCm": 133.0, "yCm": 38.0, "form": "mound", "name": "Outlier", "liftCm": 0.0, "depthCm": 17.0, "widthCm": 24.0, "heightCm": 10.0}], "feeding": [{"id": "f1", "xCm": 20.0, "yCm": 40.0, "kind": "station", "name": "Left feeding place"}, {"id": "f2", "xCm": 125.0, "yCm": 40.0, "kind": "station", "name": "Right feeding place"}], "shelters": [{"id": "c1", "xCm": 27.0, "yCm": 33.0, "zCm": 10.0, "kind": "cave", "name": "Left cave", "sizeCm": 6.5}, {"id": "c2", "xCm": 47.0, "yCm": 37.5, "zCm": 10.5, "kind": "cave", "name": "Middle cave", "sizeCm": 8.0}, {"id": "c3", "xCm": 66.0, "yCm": 34.0, "zCm": 16.0, "kind": "cave", "name": "Under the arch", "sizeCm": 6.0}, {"id": "v1", "xCm": 23.0, "yCm": 23.5, "zCm": 26.0, "kind": "crevice", "name": "Stack slit", "sizeCm": 5.0}, {"id": "v2", "xCm": 38.0, "yCm": 33.0, "zCm": 23.0, "kind": "crevice", "name": "Arch slit", "sizeCm": 4.5}, {"id": "c4", "xCm": 112.0, "yCm": 30.0, "zCm": 11.0, "kind": "cave", "name": "Under the table", "sizeCm": 9.0}, {"id": "v3", "xCm": 122.0, "yCm": 34.0, "zCm": 21.0, "kind": "crevice", "name": "Table slit", "sizeCm": 4.0}, {"id": "c5", "xCm": 131.0, "yCm": 46.0, "zCm": 9.0, "kind": "cave", "name": "Outlier hole", "sizeCm": 4.0}, {"id": "v4", "xCm": 74.0, "yCm": 31.0, "zCm": 12.0, "kind": "crevice", "name": "Ridge slit", "sizeCm": 4.0}, {"id": "b1", "xCm": 91.0, "yCm": 44.0, "zCm": 6.0, "kind": "burrow", "name": "Pip''s burrow", "sizeCm": 4.0}, {"id": "a1", "xCm": 12.0, "yCm": 34.0, "zCm": 10.0, "kind": "anemone", "name": "The anemone", "sizeCm": 9.0}, {"id": "k1", "xCm": 108.0, "yCm": 18.0, "zCm": 27.0, "kind": "branches", "name": "Staghorn", "sizeCm": 10.0}, {"id": "k2", "xCm": 58.0, "yCm": 19.0, "zCm": 41.0, "kind": "branches", "name": "Blue tips", "sizeCm": 8.0}]}, "shape": {"kind": "box", "widthCm": 55.0, "heightCm": 58.0, "lengthCm": 150.0}, "water": {"rockKg": 72.1, "belowRimCm": 4.0, "sumpLitres": 55.0, "rockPorosity": 0.4, "sandPorosity": 0.4, "rockKgPerLitre": 1.6}, "cycledOn": "2026-04-14", "holdings": {"snails": 1.2, "shrimps": 4.0, "tube_worms": 3.0, "soft_corals": 3.0, "crabs_and_hermits": 1.5, "large_polyp_stony_corals": 6.0, "small_polyp_stony_corals": 4.0}, "shelters": 9, "experience": "some_years", "sandDepthCm": 6.0, "swimLengthCm": 150.0, "feedingPlaces": 2, "refugiumLitres": 25.0, "specificGravity": 1.0255, "temperatureCelsius": 25.5}', '{"schools": {"kin": "same_day", "rock": "last_resort", "pause": "days", "tangs": "staged", "anthias": "at_once", "bigFish": "adult_size", "ceiling": "inches", "bacteria": "eight_hours", "salinity": "natural", "clownfish": "first", "quarantine": "observation"}, "husbandry": {"pH": 8.2, "saltPrice": 4.5, "changeDays": 7, "foodFactor": 1.0, "changeShare": 0.1, "proteinShare": 0.45, "nitrateExport": 0.85, "nitrateTarget": 15.0, "bottledBacteria": true, "phosphateExport": 0.97, "phosphateTarget": 0.1, "clearsMgPerLitreDay": 2.0}, "overruled": {}, "widestGapMm": 6.0, "shynessWeight": 1.0, "carefulPerHour": 4.0, "latenessWeight": 0.25, "bodyLengthsToSwim": 4.0, "gallonsPerInchNew": 4.0, "matureAfterMonths": 12, "pauseAfterOneDays": 14, "pauseAfterMoreDays": 28, "gallonsPerInchMature": 3.0}', '2026-11-26 08:41:03.631999+00', NULL, '3864e12c-0aef-4bf6-8f16-d30ed28cf308', 171, 92, 'DISPLAY');
INSERT INTO public.tank VALUES ('556fcf13-dac3-4bea-9b6e-f8e9173dde1c', 0, '580527fe-0e98-46cb-85b2-bf7a24734965', 'Window lagoon', '{"name": "Window lagoon", "cover": {"kind": "lid", "gapMm": 4.0}, "shape": {"kind": "box", "widthCm": 42.0, "heightCm": 44.0, "lengthCm": 62.0}, "water": {"rockKg": 9.0, "belowRimCm": 4.0, "sumpLitres": 0.0, "rockPorosity": 0.4, "sandPorosity": 0.4, "rockKgPerLitre": 1.6}, "cycledOn": "2026-07-09", "holdings": {"snails": 1.0, "shrimps": 1.5, "soft_corals": 3.0, "large_polyp_stony_corals": 5.0}, "shelters": 4, "experience": "some_years", "sandDepthCm": 3.0, "feedingPlaces": 1, "refugiumLitres": 0.0, "specificGravity": 1.025, "temperatureCelsius": 25.0}', '{"schools": {"kin": "same_day", "rock": "last_resort", "pause": "days", "tangs": "staged", "anthias": "at_once", "bigFish": "adult_size", "ceiling": "inches", "bacteria": "eight_hours", "salinity": "natural", "clownfish": "first", "quarantine": "observation"}, "husbandry": {"pH": 8.2, "saltPrice": 4.5, "changeDays": 7, "foodFactor": 1.0, "changeShare": 0.1, "proteinShare": 0.45, "nitrateExport": 0.85, "nitrateTarget": 15.0, "bottledBacteria": true, "phosphateExport": 0.97, "phosphateTarget": 0.1, "clearsMgPerLitreDay": 2.0}, "overruled": {}, "widestGapMm": 6.0, "shynessWeight": 1.0, "carefulPerHour": 4.0, "latenessWeight": 0.25, "bodyLengthsToSwim": 4.0, "gallonsPerInchNew": 5.0, "matureAfterMonths": 12, "pauseAfterOneDays": 14, "pauseAfterMoreDays": 28, "gallonsPerInchMature": 3.0}', '2026-11-26 08:41:04.300998+00', NULL, 'f38c3490-2a88-4ee1-872b-d87eb3bbc1fe', 16, 2, 'DISPLAY');
INSERT INTO public.tank VALUES ('9f632cd8-3c00-4549-a8f1-8c11b06d8ca0', 0, '580527fe-0e98-46cb-85b2-bf7a24734965', 'Side room', '{"name": "Side room", "cover": {"kind": "lid", "gapMm": 5.0}, "shape": {"kind": "box", "widthCm": 36.0, "heightCm": 38.0, "lengthCm": 55.0}, "water": {"rockKg": 0.0, "belowRimCm": 4.0, "sumpLitres": 0.0, "rockPorosity": 0.45, "sandPorosity": 0.4, "rockKgPerLitre": 2.7}, "purpose": {"kind": "quarantine", "berths": {"places": 3, "compartments": 2}}, "cycledOn": "2026-08-23", "holdings": {}, "shelters": 4, "experience": "some_years", "sandDepthCm": 0.0, "feedingPlaces": 1, "refugiumLitres": 0.0, "specificGravity": 1.022, "temperatureCelsius": 25.5}', '{"schools": {"kin": "same_day", "rock": "last_resort", "pause": "days", "tangs": "staged", "anthias": "at_once", "bigFish": "adult_size", "ceiling": "inches", "bacteria": "eight_hours", "salinity": "natural", "clownfish": "first", "quarantine": "observation"}, "husbandry": {"pH": 8.2, "saltPrice": 4.5, "changeDays": 7, "foodFactor": 1.0, "changeShare": 0.1, "proteinShare": 0.45, "nitrateExport": 0.85, "nitrateTarget": 15.0, "bottledBacteria": true, "phosphateExport": 0.97, "phosphateTarget": 0.1, "clearsMgPerLitreDay": 2.0}, "overruled": {}, "widestGapMm": 6.0, "shynessWeight": 1.0, "carefulPerHour": 4.0, "latenessWeight": 0.25, "bodyLengthsToSwim": 4.0, "gallonsPerInchNew": 4.0, "matureAfterMonths": 12, "pauseAfterOneDays": 14, "pauseAfterMoreDays": 28, "gallonsPerInchMature": 3.0}', '2026-11-26 08:41:04.512105+00', NULL, 'cf8b3061-0cfd-469c-be9e-c519577e07da', 10, 1, 'QUARANTINE');

INSERT INTO public.water_test VALUES ('aac3427c-8d9f-41d3-aafe-3876eb6f25e1', '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 't0', '2026-07-08', 'NITRATE', 1.5, NULL);
INSERT INTO public.water_test VALUES ('04aa4e57-a001-422c-a040-29c8d0f7fc96', '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 't1', '2026-07-29', 'NITRATE', 1.5, NULL);
INSERT INTO public.water_test VALUES ('ef55fe43-0001-46b6-a7ac-8d193a080b02', '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 't2', '2026-08-19', 'NITRATE', 2, NULL);
INSERT INTO public.water_test VALUES ('6c63e1fe-d33c-46a4-9d6a-a1c6b093910e', '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 't3', '2026-09-09', 'NITRATE', 2, NULL);
INSERT INTO public.water_test VALUES ('eca2b260-8b30-4aec-ad2e-5d134bee7a8d', '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 't4', '2026-09-30', 'NITRATE', 2.5, NULL);
INSERT INTO public.water_test VALUES ('eaafe360-1c83-4caf-b4cf-e9b2157fb0a1', '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'ta1', '2026-10-15', 'AMMONIA', 0.05, NULL);
INSERT INTO public.water_test VALUES ('02081407-ad1f-48cf-9a1a-d73e1af900ff', '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 't5', '2026-10-21', 'NITRATE', 2.5, NULL);
INSERT INTO public.water_test VALUES ('f7005896-4bb1-4a91-8dbd-df7016c45c83', '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 't6', '2026-11-11', 'NITRATE', 3, NULL);
INSERT INTO public.water_test VALUES ('f799cbe5-8be1-4504-95ef-812a658f3b46', '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 't7', '2026-11-23', 'NITRATE', 3, NULL);
INSERT INTO public.water_test VALUES ('b021c0f8-35dd-45d7-962d-aba59cbd3160', '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'ta2', '2026-11-23', 'AMMONIA', 0, NULL);
INSERT INTO public.water_test VALUES ('8eaafeb2-77e7-456f-a425-1cd634c15aa9', '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'tn1', '2026-11-23', 'NITRITE', 0.02, NULL);
INSERT INTO public.water_test VALUES ('9639d0fe-c54b-4c6d-a1d2-7810a40efd1a', '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'tp1', '2026-11-23', 'PHOSPHATE', 0.06, NULL);
INSERT INTO public.water_test VALUES ('53a42eb4-71d4-4d57-b1b8-d7b88ee431d5', '556fcf13-dac3-4bea-9b6e-f8e9173dde1c', 'wl-a1', '2026-07-08', 'AMMONIA', 0, NULL);
INSERT INTO public.water_test VALUES ('c0b109d5-5a7c-4095-ac79-b655abe6a725', '556fcf13-dac3-4bea-9b6e-f8e9173dde1c', 'wl-n1', '2026-07-08', 'NITRITE', 0, NULL);
INSERT INTO public.water_test VALUES ('64bd950e-068c-4a9a-aab4-6039f4175f2f', '556fcf13-dac3-4bea-9b6e-f8e9173dde1c', 'wl-t1', '2026-10-06', 'NITRATE', 4, NULL);
INSERT INTO public.water_test VALUES ('a8aeec67-ba3e-4f80-a68f-683b5883bc34', '556fcf13-dac3-4bea-9b6e-f8e9173dde1c', 'wl-t2', '2026-11-17', 'NITRATE', 6, NULL);
INSERT INTO public.water_test VALUES ('d69f3e02-8fe4-4614-8f70-b2b43a7b12e7', '9f632cd8-3c00-4549-a8f1-8c11b06d8ca0', 'sr-w1', '2026-11-18', 'AMMONIA', 0, NULL);
INSERT INTO public.water_test VALUES ('a1f563dd-de94-4234-b1a2-f78534bd9017', '9f632cd8-3c00-4549-a8f1-8c11b06d8ca0', 'sr-w2', '2026-11-20', 'AMMONIA', 0, NULL);
INSERT INTO public.water_test VALUES ('3ceed727-f769-4c0c-8e47-331bb043d4bb', '9f632cd8-3c00-4549-a8f1-8c11b06d8ca0', 'sr-w3', '2026-11-18', 'GRAVITY', 1.022, NULL);
INSERT INTO public.water_test VALUES ('ccd7af9d-b113-4e10-9aa9-c2143d754994', '9f632cd8-3c00-4549-a8f1-8c11b06d8ca0', 'sr-w4', '2026-11-22', 'GRAVITY', 1.0225, NULL);

INSERT INTO public.wish VALUES ('5df903a2-279d-460f-8c8c-8ad3ab970b61', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'w-cardinal', 0, 'pterapogon-kauderni', 1, NULL, 'Ilse', 'OPEN', NULL, NULL, NULL, 28, NULL, NULL);
INSERT INTO public.wish VALUES ('a9cebbad-4b4d-4efc-abf4-18af6bd32e69', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'w-fairy', 2, 'cirrhilabrus-solorensis', 1, NULL, 'Teodor', 'OPEN', NULL, NULL, NULL, 75, NULL, NULL);
INSERT INTO public.wish VALUES ('54f46855-cf1a-4b61-96e8-c640dbfcf4d4', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'w-tomini', 3, 'ctenochaetus-tominiensis', 1, NULL, 'Marit', 'OPEN', NULL, NULL, NULL, 89, NULL, NULL);
INSERT INTO public.wish VALUES ('8306afc6-8bc7-48db-9a3b-5a39de86453f', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'w-mandarin', 4, 'synchiropus-splendidus', 1, NULL, 'Teodor', 'OPEN', NULL, NULL, NULL, 42, NULL, NULL);
INSERT INTO public.wish VALUES ('1a367966-0cbf-40e6-9f19-5b7738f78acf', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'w-leopard', 5, 'macropharyngodon-bipartitus', 1, NULL, 'Marit', 'OPEN', NULL, NULL, NULL, NULL, NULL, NULL);
INSERT INTO public.wish VALUES ('5e163d70-3ab7-441e-8b85-01c134b56cbf', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'w-naso', 6, 'naso-lituratus', 1, NULL, 'Teodor', 'OPEN', NULL, NULL, NULL, NULL, NULL, NULL);
INSERT INTO public.wish VALUES ('8dd00b82-f255-4701-86e3-2a2110c2c53a', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'w-butterfly', 7, 'chaetodon-auriga', 1, NULL, 'Ilse', 'OPEN', NULL, NULL, NULL, NULL, NULL, NULL);
INSERT INTO public.wish VALUES ('2391dc37-3381-4459-9544-71a877d2121a', 0, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'w-lion', 8, 'dendrochirus-zebra', 1, NULL, 'Teodor', 'OPEN', NULL, NULL, NULL, NULL, NULL, NULL);
INSERT INTO public.wish VALUES ('7eb3924b-577d-4b4f-b75c-2ff10abd6bb5', 0, '556fcf13-dac3-4bea-9b6e-f8e9173dde1c', 'v-neon', 0, 'elacatinus-oceanops', 1, NULL, 'Ilse', 'IN', 'bought already', NULL, NULL, NULL, NULL, NULL);
INSERT INTO public.wish VALUES ('661b84c0-9e56-4c66-abdd-f6eeb450d990', 0, '556fcf13-dac3-4bea-9b6e-f8e9173dde1c', 'v-mandarin', 1, 'synchiropus-splendidus', 1, NULL, 'Marit', 'OPEN', NULL, NULL, NULL, NULL, NULL, NULL);
INSERT INTO public.wish VALUES ('cc7a9cf0-eca5-4e14-a927-919a6d8215b3', 0, '556fcf13-dac3-4bea-9b6e-f8e9173dde1c', 'v-clowns', 2, 'amphiprion-ocellaris', 2, NULL, 'Teodor', 'OPEN', NULL, NULL, NULL, NULL, NULL, NULL);
INSERT INTO public.wish VALUES ('43859e29-ada4-40f6-a87e-9a382f1f6c60', 1, '87ac4e85-4658-41a4-8d47-3ae10d08cdbd', 'w-neon', 1, 'elacatinus-oceanops', 1, NULL, 'Ilse', 'OPEN', NULL, '2026-11-26', NULL, 24, NULL, NULL);

ALTER TABLE ONLY public.entry_history
    ADD CONSTRAINT entry_history_pkey PRIMARY KEY (id);

ALTER TABLE ONLY public.flyway_schema_history
    ADD CONSTRAINT flyway_schema_history_pk PRIMARY KEY (installed_rank);

ALTER TABLE ONLY public.happening
    ADD CONSTRAINT happening_pkey PRIMARY KEY (id);

ALTER TABLE ONLY public.happening
    ADD CONSTRAINT happening_tank_id_form_key_key UNIQUE (tank_id, form_key);

ALTER TABLE ONLY public.journal_item
    ADD CONSTRAINT journal_item_pkey PRIMARY KEY (id);

ALTER TABLE ONLY public.journal_item
    ADD CONSTRAINT journal_item_tank_id_plan_key_key UNIQUE (tank_id, plan_key);

ALTER TABLE ONLY public.keeper
    ADD CONSTRAINT keeper_pkey PRIMARY KEY (id);

ALTER TABLE ONLY public.keeper
    ADD CONSTRAINT keeper_username_key UNIQUE (username);

ALTER TABLE ONLY public.log_entry
    ADD CONSTRAINT log_entry_pkey PRIMARY KEY (id);

ALTER TABLE ONLY public.log_entry
    ADD CONSTRAINT log_entry_tank_id_plan_key_key UNIQUE (tank_id, plan_key);

ALTER TABLE ONLY public.loss
    ADD CONSTRAINT loss_pkey PRIMARY KEY (id);

ALTER TABLE ONLY public.loss
    ADD CONSTRAINT loss_tank_id_plan_key_key UNIQUE (tank_id, plan_key);

ALTER TABLE ONLY public.message
    ADD CONSTRAINT message_pkey PRIMARY KEY (id);

ALTER TABLE ONLY public.message
    ADD CONSTRAINT message_tank_id_episode_key UNIQUE (tank_id, episode);

ALTER TABLE ONLY public.own_species
    ADD CONSTRAINT own_species_pkey PRIMARY KEY (id);

ALTER TABLE ONLY public.own_species
    ADD CONSTRAINT own_species_tank_id_plan_key_key UNIQUE (tank_id, plan_key);

ALTER TABLE ONLY public.photo
    ADD CONSTRAINT photo_pkey PRIMARY KEY (id);

ALTER TABLE ONLY public.photo
    ADD CONSTRAINT photo_tank_id_plan_key_key UNIQUE (tank_id, plan_key);

ALTER TABLE ONLY public.resident
    ADD CONSTRAINT resident_pkey PRIMARY KEY (id);

ALTER TABLE ONLY public.resident
    ADD CONSTRAINT resident_tank_id_plan_key_key UNIQUE (tank_id, plan_key);

ALTER TABLE ONLY public.schedule
    ADD CONSTRAINT schedule_pkey PRIMARY KEY (tank_id);

ALTER TABLE ONLY public.spring_session_attributes
    ADD CONSTRAINT spring_session_attributes_pk PRIMARY KEY (session_primary_id, attribute_name);

ALTER TABLE ONLY public.spring_session
    ADD CONSTRAINT spring_session_pk PRIMARY KEY (primary_id);

ALTER TABLE ONLY public.table_draft
    ADD CONSTRAINT table_draft_pkey PRIMARY KEY (id);

ALTER TABLE ONLY public.tank
    ADD CONSTRAINT tank_pkey PRIMARY KEY (id);

ALTER TABLE ONLY public.water_test
    ADD CONSTRAINT water_test_pkey PRIMARY KEY (id);

ALTER TABLE ONLY public.water_test
    ADD CONSTRAINT water_test_tank_id_plan_key_key UNIQUE (tank_id, plan_key);

ALTER TABLE ONLY public.wish
    ADD CONSTRAINT wish_pkey PRIMARY KEY (id);

ALTER TABLE ONLY public.share
    ADD CONSTRAINT wish_share_pkey PRIMARY KEY (id);

ALTER TABLE ONLY public.share
    ADD CONSTRAINT wish_share_token_hash_key UNIQUE (token_hash);

ALTER TABLE ONLY public.wish
    ADD CONSTRAINT wish_tank_id_plan_key_key UNIQUE (tank_id, plan_key);

CREATE INDEX entry_history_of_entry ON public.entry_history USING btree (tank_id, plan_key);

CREATE INDEX flyway_schema_history_s_idx ON public.flyway_schema_history USING btree (success);

CREATE INDEX happening_of_subject ON public.happening USING btree (tank_id, subject);

CREATE INDEX log_entry_of_tank ON public.log_entry USING btree (tank_id, seen_at);

CREATE INDEX message_of_keeper ON public.message USING btree (keeper_id, due_at);

CREATE UNIQUE INDEX spring_session_ix1 ON public.spring_session USING btree (session_id);

CREATE INDEX spring_session_ix2 ON public.spring_session USING btree (expiry_time);

CREATE INDEX spring_session_ix3 ON public.spring_session USING btree (principal_name);

CREATE UNIQUE INDEX table_draft_of_form ON public.table_draft USING btree (tank_id, form_key);

CREATE INDEX table_draft_of_tank ON public.table_draft USING btree (tank_id);

CREATE UNIQUE INDEX tank_of_form ON public.tank USING btree (keeper_id, form_key);

CREATE INDEX tank_of_keeper ON public.tank USING btree (keeper_id);

CREATE INDEX water_test_of_tank ON public.water_test USING btree (tank_id, tested_on);

CREATE INDEX wish_share_of_tank ON public.share USING btree (tank_id);

CREATE TRIGGER revision BEFORE UPDATE ON public.tank FOR EACH ROW EXECUTE FUNCTION public.raise_own_revision();

CREATE TRIGGER revision_in AFTER INSERT ON public.journal_item REFERENCING NEW TABLE AS changed FOR EACH STATEMENT EXECUTE FUNCTION public.raise_revision();

CREATE TRIGGER revision_in AFTER INSERT ON public.log_entry REFERENCING NEW TABLE AS changed FOR EACH STATEMENT EXECUTE FUNCTION public.raise_log_revision();

CREATE TRIGGER revision_in AFTER INSERT ON public.loss REFERENCING NEW TABLE AS changed FOR EACH STATEMENT EXECUTE FUNCTION public.raise_revision();

CREATE TRIGGER revision_in AFTER INSERT ON public.own_species REFERENCING NEW TABLE AS changed FOR EACH STATEMENT EXECUTE FUNCTION public.raise_revision();

CREATE TRIGGER revision_in AFTER INSERT ON public.photo REFERENCING NEW TABLE AS changed FOR EACH STATEMENT EXECUTE FUNCTION public.raise_revision();

CREATE TRIGGER revision_in AFTER INSERT ON public.resident REFERENCING NEW TABLE AS changed FOR EACH STATEMENT EXECUTE FUNCTION public.raise_revision();

CREATE TRIGGER revision_in AFTER INSERT ON public.schedule REFERENCING NEW TABLE AS changed FOR EACH STATEMENT EXECUTE FUNCTION public.raise_revision();

CREATE TRIGGER revision_in AFTER INSERT ON public.water_test REFERENCING NEW TABLE AS changed FOR EACH STATEMENT EXECUTE FUNCTION public.raise_revision();

CREATE TRIGGER revision_in AFTER INSERT ON public.wish REFERENCING NEW TABLE AS changed FOR EACH STATEMENT EXECUTE FUNCTION public.raise_revision();

CREATE TRIGGER revision_out AFTER DELETE ON public.journal_item REFERENCING OLD TABLE AS changed FOR EACH STATEMENT EXECUTE FUNCTION public.raise_revision();

CREATE TRIGGER revision_out AFTER DELETE ON public.log_entry REFERENCING OLD TABLE AS changed FOR EACH STATEMENT EXECUTE FUNCTION public.raise_log_revision();

CREATE TRIGGER revision_out AFTER DELETE ON public.loss REFERENCING OLD TABLE AS changed FOR EACH STATEMENT EXECUTE FUNCTION public.raise_revision();

CREATE TRIGGER revision_out AFTER DELETE ON public.own_species REFERENCING OLD TABLE AS changed FOR EACH STATEMENT EXECUTE FUNCTION public.raise_revision();

CREATE TRIGGER revision_out AFTER DELETE ON public.photo REFERENCING OLD TABLE AS changed FOR EACH STATEMENT EXECUTE FUNCTION public.raise_revision();

CREATE TRIGGER revision_out AFTER DELETE ON public.resident REFERENCING OLD TABLE AS changed FOR EACH STATEMENT EXECUTE FUNCTION public.raise_revision();

CREATE TRIGGER revision_out AFTER DELETE ON public.schedule REFERENCING OLD TABLE AS changed FOR EACH STATEMENT EXECUTE FUNCTION public.raise_revision();

CREATE TRIGGER revision_out AFTER DELETE ON public.water_test REFERENCING OLD TABLE AS changed FOR EACH STATEMENT EXECUTE FUNCTION public.raise_revision();

CREATE TRIGGER revision_out AFTER DELETE ON public.wish REFERENCING OLD TABLE AS changed FOR EACH STATEMENT EXECUTE FUNCTION public.raise_revision();

CREATE TRIGGER revision_up AFTER UPDATE ON public.journal_item REFERENCING NEW TABLE AS changed FOR EACH STATEMENT EXECUTE FUNCTION public.raise_revision();

CREATE TRIGGER revision_up AFTER UPDATE ON public.log_entry REFERENCING NEW TABLE AS changed FOR EACH STATEMENT EXECUTE FUNCTION public.raise_log_revision();

CREATE TRIGGER revision_up AFTER UPDATE ON public.loss REFERENCING NEW TABLE AS changed FOR EACH STATEMENT EXECUTE FUNCTION public.raise_revision();

CREATE TRIGGER revision_up AFTER UPDATE ON public.own_species REFERENCING NEW TABLE AS changed FOR EACH STATEMENT EXECUTE FUNCTION public.raise_revision();

CREATE TRIGGER revision_up AFTER UPDATE ON public.photo REFERENCING NEW TABLE AS changed FOR EACH STATEMENT EXECUTE FUNCTION public.raise_revision();

CREATE TRIGGER revision_up AFTER UPDATE ON public.resident REFERENCING NEW TABLE AS changed FOR EACH STATEMENT EXECUTE FUNCTION public.raise_revision();

CREATE TRIGGER revision_up AFTER UPDATE ON public.schedule REFERENCING NEW TABLE AS changed FOR EACH STATEMENT EXECUTE FUNCTION public.raise_revision();

CREATE TRIGGER revision_up AFTER UPDATE ON public.water_test REFERENCING NEW TABLE AS changed FOR EACH STATEMENT EXECUTE FUNCTION public.raise_revision();

CREATE TRIGGER revision_up AFTER UPDATE ON public.wish REFERENCING NEW TABLE AS changed FOR EACH STATEMENT EXECUTE FUNCTION public.raise_revision();

ALTER TABLE ONLY public.entry_history
    ADD CONSTRAINT entry_history_tank_id_fkey FOREIGN KEY (tank_id) REFERENCES public.tank(id);

ALTER TABLE ONLY public.happening
    ADD CONSTRAINT happening_tank_id_fkey FOREIGN KEY (tank_id) REFERENCES public.tank(id);

ALTER TABLE ONLY public.journal_item
    ADD CONSTRAINT journal_item_tank_id_fkey FOREIGN KEY (tank_id) REFERENCES public.tank(id);

ALTER TABLE ONLY public.log_entry
    ADD CONSTRAINT log_entry_tank_id_fkey FOREIGN KEY (tank_id) REFERENCES public.tank(id);

ALTER TABLE ONLY public.loss
    ADD CONSTRAINT loss_tank_id_fkey FOREIGN KEY (tank_id) REFERENCES public.tank(id);

ALTER TABLE ONLY public.message
    ADD CONSTRAINT message_keeper_id_fkey FOREIGN KEY (keeper_id) REFERENCES public.keeper(id);

ALTER TABLE ONLY public.message
    ADD CONSTRAINT message_tank_id_fkey FOREIGN KEY (tank_id) REFERENCES public.tank(id);

ALTER TABLE ONLY public.own_species
    ADD CONSTRAINT own_species_tank_id_fkey FOREIGN KEY (tank_id) REFERENCES public.tank(id);

ALTER TABLE ONLY public.photo
    ADD CONSTRAINT photo_tank_id_fkey FOREIGN KEY (tank_id) REFERENCES public.tank(id);

ALTER TABLE ONLY public.resident
    ADD CONSTRAINT resident_tank_id_fkey FOREIGN KEY (tank_id) REFERENCES public.tank(id);

ALTER TABLE ONLY public.resident
    ADD CONSTRAINT resident_wish_id_fkey FOREIGN KEY (wish_id) REFERENCES public.wish(id);

ALTER TABLE ONLY public.schedule
    ADD CONSTRAINT schedule_tank_id_fkey FOREIGN KEY (tank_id) REFERENCES public.tank(id);

ALTER TABLE ONLY public.spring_session_attributes
    ADD CONSTRAINT spring_session_attributes_fk FOREIGN KEY (session_primary_id) REFERENCES public.spring_session(primary_id) ON DELETE CASCADE;

ALTER TABLE ONLY public.table_draft
    ADD CONSTRAINT table_draft_tank_id_fkey FOREIGN KEY (tank_id) REFERENCES public.tank(id);

ALTER TABLE ONLY public.tank
    ADD CONSTRAINT tank_keeper_id_fkey FOREIGN KEY (keeper_id) REFERENCES public.keeper(id);

ALTER TABLE ONLY public.water_test
    ADD CONSTRAINT water_test_tank_id_fkey FOREIGN KEY (tank_id) REFERENCES public.tank(id);

ALTER TABLE ONLY public.share
    ADD CONSTRAINT wish_share_tank_id_fkey FOREIGN KEY (tank_id) REFERENCES public.tank(id);

ALTER TABLE ONLY public.wish
    ADD CONSTRAINT wish_tank_id_fkey FOREIGN KEY (tank_id) REFERENCES public.tank(id);

