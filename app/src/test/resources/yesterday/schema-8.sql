-- The database as the schema of migration 8 had it, with the demo's data and some of every kind; made with pg_dump --inserts.


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
    coming jsonb
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
    taken_keys jsonb
);

CREATE TABLE public.tank (
    id uuid NOT NULL,
    version integer NOT NULL,
    keeper_id uuid NOT NULL,
    name text NOT NULL,
    profile jsonb NOT NULL,
    house_rules jsonb NOT NULL,
    created_at timestamp with time zone NOT NULL,
    removed_at timestamp with time zone
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
    CONSTRAINT wish_fish_count_check CHECK (((fish_count >= 1) AND (fish_count <= 50)))
);

INSERT INTO public.flyway_schema_history VALUES
	(1, '1', 'keepers tanks and their record', 'SQL', 'V1__keepers_tanks_and_their_record.sql', 537715208, 'pelluna', '2026-11-25 11:20:45.361881', 66, true),
	(2, '2', 'sessions', 'SQL', 'V2__sessions.sql', 1710606036, 'pelluna', '2026-11-25 11:20:45.620719', 17, true),
	(3, '3', 'schools individuals prices and shares', 'SQL', 'V3__schools_individuals_prices_and_shares.sql', -26618572, 'pelluna', '2026-11-25 11:20:45.687918', 43, true),
	(4, '4', 'own species', 'SQL', 'V4__own_species.sql', 1916099256, 'pelluna', '2026-11-25 11:20:45.863701', 20, true),
	(5, '5', 'schedule', 'SQL', 'V5__schedule.sql', -590817849, 'pelluna', '2026-11-25 11:20:45.929443', 28, true),
	(6, '6', 'calendar link', 'SQL', 'V6__calendar_link.sql', 1188367929, 'pelluna', '2026-11-25 11:20:45.99996', 15, true),
	(7, '7', 'table drafts', 'SQL', 'V7__table_drafts.sql', -1894152654, 'pelluna', '2026-11-25 11:20:46.022899', 15, true),
	(8, '8', 'journal', 'SQL', 'V8__journal.sql', -1510647601, 'pelluna', '2026-11-25 11:20:46.069835', 41, true);

INSERT INTO public.journal_item VALUES
	('330a5312-8360-453e-9d20-33e4c79c3610', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'w000', 'WATCH', '{"id": "w000", "start": "2026-10-13T18:30:00", "minutes": 30}', NULL),
	('04801616-15e5-496f-b939-552de403b403', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'w001', 'WATCH', '{"id": "w001", "start": "2026-10-14T18:30:00", "minutes": 20}', NULL),
	('34677f03-57ce-4b4c-be0e-e06a8d20c909', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'w002', 'WATCH', '{"id": "w002", "start": "2026-10-15T18:30:00", "minutes": 20}', NULL),
	('3f90129c-5107-4afc-b521-c64b7b6baadc', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'w003', 'WATCH', '{"id": "w003", "start": "2026-10-16T18:30:00", "minutes": 30}', NULL),
	('8d70647b-d715-42b3-946d-42ac69d5f4c8', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'w004', 'WATCH', '{"id": "w004", "start": "2026-10-17T18:30:00", "minutes": 20}', NULL),
	('8fe8e1fd-6418-4b02-87be-fc76d087f318', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'w005', 'WATCH', '{"id": "w005", "start": "2026-10-18T18:30:00", "minutes": 20}', NULL),
	('40913074-961f-43ea-bdda-b1617eda47ed', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'w006', 'WATCH', '{"id": "w006", "start": "2026-10-19T18:30:00", "minutes": 30}', NULL),
	('4a15ed92-becf-4b27-b785-881cf4af7ea4', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'w007', 'WATCH', '{"id": "w007", "start": "2026-10-20T18:30:00", "minutes": 20}', NULL),
	('0a23fb36-fa1a-4d38-846a-007d5b952c86', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'w008', 'WATCH', '{"id": "w008", "start": "2026-10-21T18:30:00", "minutes": 20}', NULL),
	('6ff920db-eeeb-4c1c-a2bd-b685f1261329', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'w009', 'WATCH', '{"id": "w009", "start": "2026-10-22T18:30:00", "minutes": 30}', NULL),
	('e8e61238-e5e7-46f1-a74c-6dc7739d71ca', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'w010', 'WATCH', '{"id": "w010", "start": "2026-10-23T18:30:00", "minutes": 20}', NULL),
	('4010c390-f6d0-476f-b985-b5686c991fb2', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'w011', 'WATCH', '{"id": "w011", "start": "2026-10-24T18:30:00", "minutes": 20}', NULL),
	('aeb5b6e1-1592-4209-bf44-1b154e0a2abd', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'w012', 'WATCH', '{"id": "w012", "start": "2026-10-25T18:30:00", "minutes": 30}', NULL),
	('38cee6f7-d000-4f60-8fa6-bd9b5eabfcea', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'w013', 'WATCH', '{"id": "w013", "start": "2026-10-26T18:30:00", "minutes": 20}', NULL),
	('bbdd1219-e69f-4d0b-8b4b-bf22703aea84', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'w014', 'WATCH', '{"id": "w014", "start": "2026-10-27T18:30:00", "minutes": 20}', NULL),
	('cbef529c-303d-479c-a1f4-9dae58c8f81b', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'w016', 'WATCH', '{"id": "w016", "start": "2026-10-29T18:30:00", "minutes": 20}', NULL),
	('908502b8-b9a9-46d2-a01b-2c172a2717ec', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'w018', 'WATCH', '{"id": "w018", "start": "2026-10-31T18:30:00", "minutes": 30}', NULL),
	('7e8e4b16-254b-4223-97f0-077f979a4ee8', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'w020', 'WATCH', '{"id": "w020", "start": "2026-11-02T18:30:00", "minutes": 20}', NULL),
	('624f011c-a823-4f94-a6dd-e88e3b692f45', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'w022', 'WATCH', '{"id": "w022", "start": "2026-11-04T18:30:00", "minutes": 20}', NULL),
	('7524728b-7e49-4359-a198-a9395f7b5ed4', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'w024', 'WATCH', '{"id": "w024", "start": "2026-11-06T18:30:00", "minutes": 30}', NULL),
	('dd935539-bfbf-4162-97bd-f31e83689c30', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'w026', 'WATCH', '{"id": "w026", "start": "2026-11-08T18:30:00", "minutes": 20}', NULL),
	('c45cbd45-6a43-4eae-bb49-bd28c007d6a6', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'w028', 'WATCH', '{"id": "w028", "start": "2026-11-10T18:30:00", "minutes": 20}', NULL),
	('9c0cf7b1-8806-4045-b996-fba71bf584df', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'w030', 'WATCH', '{"id": "w030", "start": "2026-11-12T18:30:00", "minutes": 30}', NULL),
	('5d49be0f-9577-4c62-a4a4-da1230cd8047', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'w032', 'WATCH', '{"id": "w032", "start": "2026-11-14T18:30:00", "minutes": 20}', NULL),
	('d941efeb-4cf8-4de8-8a29-f941676bcaff', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'w034', 'WATCH', '{"id": "w034", "start": "2026-11-16T18:30:00", "minutes": 20}', NULL),
	('9890ce98-1b94-415e-99c8-6a03e52748be', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'w036', 'WATCH', '{"id": "w036", "start": "2026-11-18T18:30:00", "minutes": 30}', NULL),
	('efd74ea8-3210-48fc-a130-231ad5cd155d', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'w038', 'WATCH', '{"id": "w038", "start": "2026-11-20T18:30:00", "minutes": 20}', NULL),
	('8a81855e-27b7-4ae5-8e40-7d8f6b2b40d0', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'w040', 'WATCH', '{"id": "w040", "start": "2026-11-22T18:30:00", "minutes": 20}', NULL),
	('2e0dcac7-e904-4f1e-a07e-3d2a62347114', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'w042', 'WATCH', '{"id": "w042", "start": "2026-11-24T18:30:00", "minutes": 30}', NULL),
	('a7fc4b57-9163-47ca-9eff-24012f907696', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'rc00', 'ROLL_CALL', '{"at": "2026-10-13T19:10:00", "id": "rc00", "found": {"pip": "eating", "gale": "eating", "plum": "eating", "wren": "eating", "bosun": "eating", "inkwell": "hiding"}}', NULL),
	('95143472-aa0f-4f83-8094-bd353c24dce4', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'rc02', 'ROLL_CALL', '{"at": "2026-10-15T19:10:00", "id": "rc02", "found": {"pip": "eating", "gale": "eating", "plum": "eating", "wren": "eating", "bosun": "eating", "inkwell": "hiding"}}', NULL),
	('93706696-e0a2-4774-be68-de44495ba34a', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'rc05', 'ROLL_CALL', '{"at": "2026-10-18T19:10:00", "id": "rc05", "found": {"pip": "eating", "gale": "eating", "plum": "eating", "wren": "eating", "bosun": "eating", "inkwell": "seen"}}', NULL),
	('3a34dceb-a560-4f6f-b780-1718e59705b9', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'rc09', 'ROLL_CALL', '{"at": "2026-10-22T19:10:00", "id": "rc09", "found": {"pip": "eating", "gale": "eating", "plum": "eating", "wren": "eating", "bosun": "eating", "inkwell": "eating"}}', NULL),
	('44157609-f0fe-4a93-9ac2-046838f28821', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'rc16', 'ROLL_CALL', '{"at": "2026-10-29T19:10:00", "id": "rc16", "found": {"pip": "eating", "gale": "eating", "plum": "eating", "wren": "eating", "bosun": "eating", "inkwell": "eating"}}', NULL),
	('c443c99e-0474-45a8-ac44-d79d3d88d69e', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'rc24', 'ROLL_CALL', '{"at": "2026-11-06T19:10:00", "id": "rc24", "found": {"pip": "eating", "gale": "eating", "plum": "hiding", "wren": "eating", "bosun": "eating", "inkwell": "eating"}}', NULL),
	('e5437be5-0fae-4533-af4a-e2fdc87fd6bc', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'rc32', 'ROLL_CALL', '{"at": "2026-11-14T19:10:00", "id": "rc32", "found": {"pip": "eating", "gale": "eating", "plum": "eating", "wren": "eating", "bosun": "eating", "inkwell": "eating"}}', NULL),
	('019119c5-325d-47bb-9d93-6141c581cfce', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'rc40', 'ROLL_CALL', '{"at": "2026-11-22T19:10:00", "id": "rc40", "found": {"pip": "eating", "gale": "eating", "plum": "eating", "wren": "eating", "bosun": "eating", "inkwell": "eating"}}', NULL),
	('79cd693c-8043-4c1b-bc7e-8eeab38e7ef4', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'sg1', 'SIGN', '{"at": "2026-10-17T19:10:00", "id": "sg1", "kind": "torn_fins", "note": "lower edge of the tail, fresh", "fishId": "inkwell"}', NULL),
	('d3aa6878-1fbb-43cf-95c3-8a4d5dc238a5', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'rm1', 'REMEDY', '{"id": "rm1", "from": "2026-10-24", "kind": "mirror", "note": "on the left pane", "until": "2026-11-14", "fishId": "gale"}', NULL),
	('d9161636-79ad-449c-9a3a-6818bec5efc2', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'cr1', 'CREW', '{"id": "cr1", "on": "2026-08-03", "kind": "added", "name": "turban snails", "count": 30, "group": "snails", "smallestCm": 1.2}', NULL),
	('d3b58289-99ab-4a8e-bed6-22638b78a50f', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'cr4', 'CREW', '{"id": "cr4", "on": "2026-08-03", "kind": "added", "name": "blue-leg hermits", "count": 12, "group": "crabs_and_hermits", "smallestCm": 1.5}', NULL),
	('6b4c95d1-a57b-4a34-933e-5588b4153640', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'cr2', 'CREW', '{"id": "cr2", "on": "2026-09-22", "kind": "counted", "name": "turban snails", "count": 22, "group": "snails", "smallestCm": 1.2}', NULL),
	('5466a97f-e3b1-4544-a6d2-bf9a592c1fcc', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'cr3', 'CREW', '{"id": "cr3", "on": "2026-11-10", "kind": "counted", "name": "turban snails", "count": 17, "group": "snails", "smallestCm": 1.2}', NULL),
	('503a34ec-3023-4d0d-8be4-ce8689bc6cbe', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'cr5', 'CREW', '{"id": "cr5", "on": "2026-11-10", "kind": "counted", "name": "blue-leg hermits", "count": 10, "group": "crabs_and_hermits", "smallestCm": 1.5}', NULL),
	('ecc96b7c-a96a-4851-9a6e-41fdf2577c49', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'tk1', 'TASK', '{"id": "tk1", "on": "2026-11-26", "done": false, "words": "Re-string the mesh at the back corner"}', NULL);

INSERT INTO public.keeper VALUES
	('974240c6-4103-44ea-8ede-28253df288e2', 'demo', 'Marit Vestergaard-Lund', '$2a$12$wxDP9.KcAggejZYUlHL3ce1EIR1Jy/1o96ernEilX/Uk.iuY/gHJe', 'CENTIMETRE', 'LITRE', 'CELSIUS', '2026-11-25 11:21:18.686188+00', '22:00:00', '07:00:00', NULL);

INSERT INTO public.log_entry VALUES
	('440f8e52-fef8-4ab5-9755-46d7b504398b', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'l001', '2026-04-29 21:40:00', 'ARRIVAL', NULL, 'bosun', NULL, NULL, NULL, NULL, NULL),
	('80b37ecc-ecb7-43c6-96ea-a31c31503eb8', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'l002', '2026-04-29 21:40:00', 'ARRIVAL', NULL, 'wren', NULL, NULL, NULL, 'released at lights-out', NULL),
	('4d0fc8d4-6e71-476c-9a82-ccd76bd295db', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'l009', '2026-05-01 18:10:00', 'CHASE', 'bosun', 'wren', 1, 'left corner', 20, NULL, NULL),
	('f7c3585f-dde6-4e8a-9d13-b71d0dcbedc4', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'l010', '2026-05-04 18:30:00', 'DISPLAY', 'bosun', 'wren', 1, 'left corner', 20, NULL, NULL),
	('29bed511-ca59-4916-aa86-bab9f107bc84', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'l003', '2026-05-27 21:40:00', 'ARRIVAL', NULL, 'plum', NULL, NULL, NULL, 'released at lights-out', NULL),
	('0a5ff2cc-8ad4-4973-a0ef-d36454eb980c', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'l011', '2026-05-29 19:00:00', 'CHASE', 'bosun', 'plum', 1, 'left arch', 15, NULL, NULL),
	('805101ff-5bc2-4b11-8645-c60ed45c1e0d', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'l004', '2026-06-12 21:40:00', 'ARRIVAL', NULL, 'ember', NULL, NULL, NULL, 'released at lights-out', NULL),
	('5a22a859-1c34-4401-a395-ee034eb57d9a', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'l012', '2026-06-14 19:20:00', 'DISPLAY', 'plum', 'ember', 1, 'middle cave', 20, NULL, NULL),
	('cb8839f6-1986-4bc1-a070-7ebd94a185e0', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'l013', '2026-07-08 20:05:00', 'NOTE', NULL, NULL, NULL, NULL, NULL, 'Mesh sags at the back corner; a gap wide enough for a finger.', NULL),
	('026b8027-827b-4d5b-9a1e-d2d4a63481d6', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'l006', '2026-07-20 21:40:00', 'ARRIVAL', NULL, 'gale', NULL, NULL, NULL, 'released at lights-out', NULL),
	('2d3261db-91c0-4298-b1e7-39ed1c530d39', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'l014', '2026-07-22 19:15:00', 'CHASE', 'gale', 'plum', 2, 'middle cave', 20, NULL, NULL),
	('ebe0d026-1bcd-4806-b3b3-20c72a0c86ec', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'l015', '2026-07-24 19:00:00', 'CHASE', 'gale', 'ember', 2, 'front', 20, NULL, NULL),
	('f5562f95-8528-49b8-a628-9515030bd48f', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'l016', '2026-07-26 19:10:00', 'CHASE', 'gale', 'ember', 3, 'front', 15, NULL, NULL),
	('68e89475-9cf0-47dd-96c0-6afa2d1681ff', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'l017', '2026-07-27 07:20:00', 'NOTE', NULL, NULL, NULL, NULL, NULL, 'Ember on the floor behind the stand. Mesh re-strung the same evening, gap now 6 mm.', NULL),
	('aee3b34b-15fa-4d9f-9eae-60617d1f6887', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'l007', '2026-08-17 21:40:00', 'ARRIVAL', NULL, 'saffron', NULL, NULL, NULL, 'released at lights-out', NULL),
	('ff7fdd30-3220-49bb-8cc2-d3d7546ad6d6', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'l018', '2026-08-18 19:30:00', 'CHASE', 'gale', 'saffron', 2, 'right shelf', 20, NULL, NULL),
	('6ec14bc5-e25c-4c36-baf2-018243746d77', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'l019', '2026-08-19 19:30:00', 'CHASE', 'gale', 'saffron', 3, 'right shelf', 20, NULL, NULL),
	('b5ae92e1-906f-4bec-ab61-b795230a0302', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'l020', '2026-08-21 19:30:00', 'NIP', 'gale', 'saffron', 2, 'front', 20, NULL, NULL),
	('cd2fccb3-7bad-4c27-9cd3-ae294f68ad74', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'l021', '2026-08-23 19:30:00', 'CHASE', 'gale', 'saffron', 3, 'right shelf', 20, NULL, NULL),
	('75295d94-c1f9-4040-af4c-9eabffe8af58', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'l022', '2026-08-26 19:30:00', 'PINNED', 'gale', 'saffron', 3, 'right corner', 20, NULL, NULL),
	('50f6719d-c41d-42ce-b0ab-30f22f8e4b84', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'l023', '2026-08-29 19:30:00', 'CHASE', 'gale', 'saffron', 3, 'right corner', 20, NULL, NULL),
	('71d67c2f-9034-4fd1-8091-924a86455790', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'l024', '2026-09-01 19:30:00', 'NIP', 'gale', 'saffron', 3, 'right corner', 20, NULL, NULL),
	('8d5fa39f-c818-4f06-aaed-f09f1cad3ea4', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'l025', '2026-09-02 19:50:00', 'INJURY', 'gale', 'saffron', 2, 'right corner', 20, 'Tail fin torn, one side pale.', NULL),
	('01000e09-7fee-427d-b38d-f68393b55548', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'l026', '2026-09-05 19:30:00', 'NOTE', NULL, NULL, NULL, NULL, NULL, 'Saffron did not come out to feed for the second day.', NULL),
	('a039ff4a-93d9-4df7-9922-6163d023d815', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'l027', '2026-09-07 08:00:00', 'NOTE', NULL, NULL, NULL, NULL, NULL, 'Saffron found on the sand. Fins ragged.', NULL),
	('024d1a99-aa90-4737-ad76-b9c84d0180d3', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'l028', '2026-09-26 19:30:00', 'DISPLAY', 'gale', 'plum', 1, 'middle cave', 20, NULL, NULL),
	('43bb1f70-4703-4770-b054-2df967b05404', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'l008', '2026-10-12 21:40:00', 'ARRIVAL', NULL, 'inkwell', NULL, NULL, NULL, 'released at lights-out', NULL),
	('d9790f77-73bd-4ce1-809b-709d3d367442', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'n001', '2026-10-13 18:35:05', 'CHASE', 'gale', 'inkwell', 1, 'front', NULL, NULL, NULL),
	('976b3ce0-a84a-471c-9e8f-8078f8de8c88', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'n002', '2026-10-13 18:48:58', 'CHASE', 'gale', 'inkwell', 1, 'Middle cave', NULL, NULL, NULL),
	('c19585a1-b87b-4b5f-bebf-822306c11b96', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'l029', '2026-10-13 19:00:00', 'CHASE', 'gale', 'inkwell', 2, 'left arch', 20, NULL, NULL),
	('79313e3a-280a-4fb8-bac4-d793fa70387e', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'n003', '2026-10-14 18:39:51', 'CHASE', 'gale', 'inkwell', 1, 'Middle cave', NULL, NULL, NULL),
	('4057b721-e895-4c9e-8a69-e748cc13eba0', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'n004', '2026-10-14 18:41:42', 'NIP', 'gale', 'plum', 3, 'Middle cave', NULL, NULL, NULL),
	('c4239678-de79-4d75-9a4d-fe768ba7fb98', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'n005', '2026-10-15 18:33:59', 'DISPLAY', 'gale', 'inkwell', 2, 'Left cave', NULL, NULL, NULL),
	('cd2784f7-5d40-42b6-8a6a-4b0778347420', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'n006', '2026-10-15 18:40:54', 'DISPLAY', 'bosun', 'inkwell', 1, 'front', NULL, NULL, NULL),
	('ccd2b3d7-058e-457b-8dd1-45dd5d5d422d', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'l030', '2026-10-15 19:10:00', 'CHASE', 'gale', 'inkwell', 2, 'left arch', 20, NULL, NULL),
	('b9d97af1-052b-48d3-84b0-3bc73dc6a720', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'n009', '2026-10-16 18:45:17', 'CHASE', 'bosun', 'wren', 2, 'front', NULL, NULL, NULL),
	('83000264-1d72-420b-9b84-d6a27b60ed74', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'n007', '2026-10-16 18:45:40', 'CHASE', 'gale', 'inkwell', 3, 'Under the table', NULL, NULL, NULL),
	('f0f065c7-3f52-4930-876a-e2a646f35bc3', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'n008', '2026-10-16 18:51:30', 'CHASE', 'gale', 'inkwell', 1, 'Middle cave', NULL, NULL, NULL),
	('d10542f7-1f5e-4189-b0a7-eb8efe6998d6', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'n010', '2026-10-17 18:32:45', 'CHASE', 'gale', 'inkwell', 2, 'Under the table', NULL, NULL, NULL),
	('89670eb7-f1a2-4abe-862d-f1634e6e63ba', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'n013', '2026-10-18 18:39:24', 'DISPLAY', 'gale', 'plum', 1, 'Arch slit', NULL, NULL, NULL),
	('122e189a-5862-4cf4-a0c1-b25d194a53bb', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'n011', '2026-10-18 18:41:01', 'CHASE', 'bosun', 'wren', 2, 'Arch slit', NULL, NULL, NULL),
	('1ec8a248-d26a-43c8-86f9-8bc7a8d0c6a5', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'n012', '2026-10-18 18:44:55', 'DISPLAY', 'plum', 'inkwell', 1, 'Arch slit', NULL, NULL, NULL),
	('b238d30c-4119-4a1e-86c9-2d6713d82a53', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'l031', '2026-10-18 19:00:00', 'CHASE', 'gale', 'inkwell', 1, 'left arch', 20, NULL, NULL),
	('7bc811bc-162f-4758-a319-61330e995157', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'n015', '2026-10-19 18:34:28', 'CHASE', 'gale', 'inkwell', 2, 'Middle cave', NULL, NULL, NULL),
	('4c782a21-1597-4d6c-82c0-574d8c006732', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'n014', '2026-10-19 18:42:50', 'CHASE', 'gale', 'inkwell', 2, 'Under the table', NULL, NULL, NULL),
	('ea5cb98f-aff6-44c1-bc40-8e864077ba90', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'n016', '2026-10-19 18:48:31', 'DISPLAY', 'gale', 'plum', 1, 'Arch slit', NULL, NULL, NULL),
	('09d7a2cb-50d2-46a3-a49f-fc0db70883ce', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'n017', '2026-10-20 18:47:18', 'NIP', 'gale', 'inkwell', 1, 'front', NULL, NULL, NULL),
	('0b254b23-05a7-497a-9c3c-9702703caa7b', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'n018', '2026-10-21 18:37:31', 'CHASE', 'gale', 'inkwell', 1, 'Left cave', NULL, NULL, NULL),
	('4b66d260-8d34-4036-a9e6-0789d2277921', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'n020', '2026-10-22 18:36:21', 'CHASE', 'gale', 'plum', 2, 'front', NULL, NULL, NULL),
	('721251fc-51c6-4c9e-9ab1-48ddc008912f', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'n019', '2026-10-22 18:49:25', 'CHASE', 'bosun', 'wren', 1, 'front', NULL, NULL, NULL),
	('3aeea0e3-9f0c-4db6-b151-cbfece996bd2', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'n025', '2026-10-23 18:31:13', 'CHASE', 'bosun', 'wren', 1, 'Under the table', NULL, NULL, NULL),
	('73db7995-31bc-4e17-ba83-4ae35478f9fb', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'n023', '2026-10-23 18:35:49', 'CHASE', 'gale', 'inkwell', 2, 'Left cave', NULL, NULL, NULL),
	('b0802dec-fd3d-4e7e-b5ef-c491dba2ec3e', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'n021', '2026-10-23 18:39:21', 'NIP', 'gale', 'inkwell', 1, 'Left cave', NULL, NULL, NULL),
	('2d21aac0-e715-47f2-a44d-dceec3a87522', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'n022', '2026-10-23 18:39:40', 'CHASE', 'gale', 'inkwell', 1, 'front', NULL, NULL, NULL),
	('49dea15e-1278-45d8-b657-2c8bd319cb89', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'n024', '2026-10-23 18:45:36', 'NIP', 'bosun', 'inkwell', 2, 'front', NULL, NULL, NULL),
	('72455119-dc5e-44d5-97e7-f32c9710c148', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'l032', '2026-10-23 19:05:00', 'DISPLAY', 'gale', 'inkwell', 1, 'left arch', 20, NULL, NULL),
	('bc5179a6-3fa3-4d2c-9fe6-61da1a2bf2b7', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'n026', '2026-10-24 18:37:10', 'DISPLAY', 'gale', 'inkwell', 1, 'Under the table', NULL, NULL, NULL),
	('92657dbc-5039-4e53-8628-24f0f34eb0fd', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'n027', '2026-10-24 18:46:58', 'DISPLAY', 'gale', 'inkwell', 1, 'Left cave', NULL, NULL, NULL),
	('965ca742-b149-448a-ae43-7eabd9649eb5', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'n028', '2026-10-25 18:33:49', 'DISPLAY', 'gale', 'inkwell', 1, 'Arch slit', NULL, NULL, NULL),
	('e063a503-81aa-43e8-b31d-13dcc075e693', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'n032', '2026-10-25 18:40:59', 'NIP', 'gale', 'plum', 1, 'Left cave', NULL, NULL, NULL),
	('87faa999-1f7a-4057-8a9a-abd1ba1ea662', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'n031', '2026-10-25 18:42:32', 'NIP', 'plum', 'inkwell', 1, 'front', NULL, NULL, NULL),
	('7c709be2-fba0-4fc8-86c4-dbe242f13e45', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'n030', '2026-10-25 18:43:14', 'NIP', 'bosun', 'inkwell', 1, 'Left cave', NULL, NULL, NULL),
	('a6ad3913-646d-46d3-b020-b0e7bef736af', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'n029', '2026-10-25 18:48:29', 'NIP', 'bosun', 'inkwell', 1, 'Arch slit', NULL, NULL, NULL),
	('db4ef792-9e54-4ee4-864e-fc454336a7ba', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'n034', '2026-10-26 18:31:45', 'CHASE', 'bosun', 'inkwell', 1, 'Arch slit', NULL, NULL, NULL),
	('fc411e10-b594-48a2-a2f3-388fcb2d59f9', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'n033', '2026-10-26 18:36:11', 'CHASE', 'gale', 'inkwell', 1, 'front', NULL, NULL, NULL),
	('1694ca86-3747-44bb-b720-d085ca78bc15', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'n035', '2026-10-27 18:40:22', 'CHASE', 'bosun', 'inkwell', 1, 'Left cave', NULL, NULL, NULL),
	('57785b51-27b2-4ebc-b025-11075d851397', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'n036', '2026-10-27 18:49:19', 'DISPLAY', 'gale', 'plum', 1, 'Under the table', NULL, NULL, NULL),
	('9c4f8849-eaf4-45e2-ba6e-36f8263a0d23', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'n037', '2026-10-29 18:44:05', 'DISPLAY', 'inkwell', 'pip', 1, 'Under the table', NULL, NULL, NULL),
	('013f546a-6a32-4154-9c5d-04fa05f4cf2f', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'n038', '2026-10-31 18:49:50', 'CHASE', 'gale', 'inkwell', 2, 'Under the table', NULL, NULL, NULL),
	('5667567b-0c77-4edd-9972-0cb85205a6b8', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'n039', '2026-10-31 18:51:59', 'CHASE', 'bosun', 'inkwell', 1, 'Arch slit', NULL, NULL, NULL),
	('7bc23b5d-3c73-4eaf-b0de-ec87ac6a2223', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'n041', '2026-11-02 18:34:11', 'NIP', 'inkwell', 'pip', 2, 'Middle cave', NULL, NULL, NULL),
	('8bbe01e7-299d-4015-a88f-a5785150a239', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'n040', '2026-11-02 18:42:51', 'CHASE', 'gale', 'inkwell', 1, 'Middle cave', NULL, NULL, NULL),
	('4775f988-fc02-47da-878d-e93902c143da', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'n042', '2026-11-04 18:38:57', 'NIP', 'bosun', 'wren', 2, 'Middle cave', NULL, NULL, NULL),
	('180a5e6e-fcd6-4980-955d-df90b75cbbe8', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'l033', '2026-11-05 19:20:00', 'CHASE', 'plum', 'inkwell', 1, 'middle cave', 20, NULL, NULL),
	('150317b4-af07-40a0-85d1-d39816e95668', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'n043', '2026-11-06 18:43:52', 'CHASE', 'bosun', 'inkwell', 1, 'front', NULL, NULL, NULL),
	('14cb42b2-d231-4674-bd7e-88eeb09e3cbf', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'n044', '2026-11-06 18:44:37', 'CHASE', 'bosun', 'inkwell', 1, 'Middle cave', NULL, NULL, NULL),
	('72bb09ca-6024-4171-a577-956928fd5026', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'n045', '2026-11-06 18:48:39', 'CHASE', 'bosun', 'wren', 1, 'front', NULL, NULL, NULL),
	('7f3349e3-5fa4-41df-89fd-9acd708106a1', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'n047', '2026-11-08 18:38:40', 'NIP', 'gale', 'inkwell', 2, 'Left cave', NULL, NULL, NULL),
	('50d656ec-eed4-4dd3-bf0f-ca163021169a', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'n046', '2026-11-08 18:40:58', 'CHASE', 'gale', 'inkwell', 1, 'front', NULL, NULL, NULL),
	('c8a38e9c-f451-4ac2-9ce7-2f49b998defc', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'n048', '2026-11-08 18:49:43', 'DISPLAY', 'inkwell', 'pip', 2, 'Under the table', NULL, NULL, NULL),
	('35ff5671-ec39-4ebe-9189-34be28359ce1', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'n050', '2026-11-12 18:54:05', 'DISPLAY', 'plum', 'inkwell', 1, 'Left cave', NULL, NULL, NULL),
	('a9b81a02-9523-442f-886f-7a4e25b4b821', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'n049', '2026-11-12 18:59:40', 'CHASE', 'bosun', 'inkwell', 2, 'Middle cave', NULL, NULL, NULL),
	('f05ab038-7610-4f78-ae58-5d8fff4c6bcf', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'l034', '2026-11-16 19:30:00', 'DISPLAY', 'gale', 'inkwell', 1, 'left arch', 30, NULL, NULL),
	('5b1b8334-c4a1-4e2a-aacf-609241315aaa', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'n052', '2026-11-18 18:48:00', 'NIP', 'gale', 'plum', 2, 'Under the table', NULL, NULL, NULL),
	('e5191242-a781-45b6-ae50-92a91ddfb724', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'n051', '2026-11-18 18:56:09', 'CHASE', 'plum', 'inkwell', 1, 'Left cave', NULL, NULL, NULL),
	('e8c987f0-ca30-4d3f-8d3c-fb8d9c793296', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'n053', '2026-11-20 18:43:21', 'CHASE', 'bosun', 'wren', 2, 'Under the table', NULL, NULL, NULL),
	('c4c25ae3-0d62-429b-a4dd-132819af5208', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'n054', '2026-11-20 18:44:38', 'CHASE', 'gale', 'plum', 2, 'Middle cave', NULL, NULL, NULL),
	('f157346a-6b83-4603-b45f-5aa2b33fd2fa', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'l035', '2026-11-22 20:00:00', 'NOTE', NULL, NULL, NULL, NULL, NULL, 'Everyone out at the evening feed; film algae back on the right pane.', NULL),
	('9c879b3c-f952-4e93-ab71-26ec789d1d6f', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'n056', '2026-11-24 18:33:11', 'CHASE', 'inkwell', 'pip', 1, 'Under the table', NULL, NULL, NULL),
	('6d24926a-18e5-412b-89cb-d52df7e8ed26', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'n055', '2026-11-24 18:59:06', 'CHASE', 'bosun', 'wren', 2, 'Arch slit', NULL, NULL, NULL),
	('9a1603f7-3341-4814-98f0-8ef80c3c3f61', 0, 'df6fc2c4-e547-46d7-ba41-62727f38827a', 'm1', '2026-08-21 21:30:00', 'ARRIVAL', NULL, 'tansy', NULL, NULL, NULL, NULL, NULL),
	('c3c41811-4883-48d6-8744-0592098942d0', 0, 'df6fc2c4-e547-46d7-ba41-62727f38827a', 'm2', '2026-08-27 18:00:00', 'NOTE', NULL, NULL, NULL, NULL, NULL, 'Tansy has moved in with the pistol shrimp.', NULL),
	('f44fea53-132d-4d9a-8958-28760b214e5a', 0, 'f982a491-bf71-41da-aa12-521734a91475', '39e3bedf-c8aa-4637-8f7f-c63b126de6e6', '2026-11-25 21:00:00', 'ARRIVAL', NULL, '93d0f5c0-8a11-4ba3-aa5a-842ef8bb7afc', NULL, NULL, NULL, NULL, NULL),
	('54951914-4515-415d-bfa2-a4ef01fda177', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'a322a014-9877-4294-8ec6-0e7a90cc03b8', '2026-11-25 00:01:00', 'CHASE', 'gale', 'plum', 3, NULL, 20, NULL, NULL),
	('2ba5c1c7-9828-450d-83a1-f4cf0dfc5c44', 1, 'f982a491-bf71-41da-aa12-521734a91475', 'l005', '2026-06-28 21:40:00', 'ARRIVAL', NULL, 'pip', NULL, NULL, NULL, 'released at lights-out', '2026-11-25 11:21:50.712433+00');

INSERT INTO public.loss VALUES
	('1d59e6aa-3bb1-494c-bfd2-115d7ef17b11', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'x1', 'ember', '2026-07-27', 'JUMPED', 'LIKELY', 45, 'Gap in the mesh; chased by Gale the evening before.', NULL, '{}'),
	('c6effa13-3608-4c42-b486-b2dc2adf7642', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'x2', 'saffron', '2026-09-07', 'AGGRESSION', 'LIKELY', 60, 'Three weeks of chasing by Gale first.', NULL, '{}'),
	('f888014a-5b5a-4c84-bae9-40762cfacf8e', 0, 'f982a491-bf71-41da-aa12-521734a91475', '2432973a-e18c-40b9-9d14-0079498babeb', 'pip', '2026-11-25', 'GIVEN_AWAY', 'SEEN', NULL, NULL, NULL, '{}');

INSERT INTO public.message VALUES
	('f793787e-7bf3-49ec-9f8a-1f844acc332b', '974240c6-4103-44ea-8ede-28253df288e2', 'f982a491-bf71-41da-aa12-521734a91475', 'FIERCE plum 2026-11-25', 'Skerry reef: a fierce attack', 'Plum was attacked fiercely on 2026-11-25 by Gale. A fish pinned or torn needs help today: the box, or the aggressor out.', '2026-11-25 11:21:50.441489+00', '2026-11-25 11:21:50.441489+00', NULL);

INSERT INTO public.resident VALUES
	('ea60555f-8db4-4e77-ade1-6f8f396e0165', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'bosun', 0, 'amphiprion-ocellaris', 'Bosun', '2026-04-29', 4.5, NULL, NULL, NULL, '{"price": 42.0, "method": "lights_out", "origin": "bred"}'),
	('a402c818-d8cf-482b-8baa-80814ba78aa4', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'wren', 1, 'amphiprion-ocellaris', 'Wren', '2026-04-29', 3, NULL, NULL, NULL, '{"price": 42.0, "method": "lights_out", "origin": "bred"}'),
	('1d61b4d2-f0ff-420a-9286-5be79ac6b035', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'plum', 2, 'gramma-loreto', 'Plum', '2026-05-27', 4, NULL, NULL, NULL, '{"price": 38.0, "method": "lights_out", "origin": "wild"}'),
	('2c402148-72c4-4efb-970a-3f4b29a95fc3', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'ember', 3, 'nemateleotris-magnifica', 'Ember', '2026-06-12', 4.5, '2026-07-27', NULL, NULL, '{"price": 35.0, "method": "straight", "origin": "wild"}'),
	('2345ab30-18bd-43b3-b8fd-8e60cbc3b6a5', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'gale', 5, 'chrysiptera-parasema', 'Gale', '2026-07-20', 4.5, NULL, NULL, NULL, '{"price": 12.0, "method": "straight", "origin": "wild"}'),
	('6efed09b-0395-4a21-8158-c94d2ff811b6', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'saffron', 6, 'halichoeres-chrysus', 'Saffron', '2026-08-17', 5, '2026-09-07', NULL, NULL, '{"price": 45.0, "method": "straight", "origin": "wild"}'),
	('a5dc53c7-811d-495f-bebc-ec99c3cb61e6', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'inkwell', 7, 'ecsenius-bicolor', 'Inkwell', '2026-10-12', 6, NULL, NULL, NULL, '{"price": 36.0, "method": "box", "origin": "wild"}'),
	('c158c0a7-7bad-4582-859f-47d9059d0989', 0, 'df6fc2c4-e547-46d7-ba41-62727f38827a', 'tansy', 0, 'cryptocentrus-cinctus', 'Tansy', '2026-08-21', 5, NULL, NULL, NULL, NULL),
	('c07daef7-d3a4-41c5-bc8b-cab332320add', 0, 'f982a491-bf71-41da-aa12-521734a91475', '93d0f5c0-8a11-4ba3-aa5a-842ef8bb7afc', 8, 'elacatinus-oceanops', 'Spark', '2026-11-25', 2.8, NULL, '18e56661-68a9-46cd-a9db-952317e6855c', NULL, '{"price": 19.5, "method": "box", "origin": "bred"}'),
	('8a59652b-98e5-4125-b9e7-93567a77ab64', 1, 'f982a491-bf71-41da-aa12-521734a91475', 'pip', 4, 'cryptocentrus-cinctus', 'Pip', '2026-06-28', 5, '2026-11-25', NULL, NULL, '{"price": 40.0, "method": "lights_out", "origin": "wild"}');

INSERT INTO public.schedule VALUES
	('df6fc2c4-e547-46d7-ba41-62727f38827a', 0, '{"order": [], "ticks": [], "setbacks": [], "boxChecks": [], "notBefore": {}, "inQuarantine": {}}'),
	('f982a491-bf71-41da-aa12-521734a91475', 2, '{"order": [], "ticks": [], "setbacks": [{"id": "sb1", "on": "2026-11-02", "fish": "Solor fairy wrasse", "kind": "late", "note": "the importer''s flight was cancelled"}, {"id": "5f09a60f-9740-4a0a-b166-f30660a2e0d2", "on": "2026-11-25", "fish": "Solar fairy wrasse", "kind": "died", "price": 75.0}, {"id": "432bb595-6761-4c62-9e35-95dc04d67240", "on": "2026-11-25", "fish": "Tomini bristletooth", "kind": "late", "note": "the shop waits"}], "boxChecks": [], "notBefore": {"w-tomini": "2026-12-25"}, "quarantine": {"litres": 62.0, "places": 3, "compartments": 2, "specificGravity": 1.021}, "inQuarantine": {}}');

INSERT INTO public.share VALUES
	('7829d822-bc22-4e91-8c1d-6ef4f26a53da', 'f982a491-bf71-41da-aa12-521734a91475', 'd1c8d92d7481f639b880dad164631496d4e4f4dcb5d63bc3cd4967c0afe81761', '2026-11-25 11:21:49.45264+00', NULL, 'WISHES');

INSERT INTO public.tank VALUES
	('df6fc2c4-e547-46d7-ba41-62727f38827a', 0, '974240c6-4103-44ea-8ede-28253df288e2', 'Window lagoon', '{"name": "Window lagoon", "cover": {"kind": "lid", "gapMm": 4.0}, "shape": {"kind": "box", "widthCm": 42.0, "heightCm": 44.0, "lengthCm": 62.0}, "water": {"rockKg": 9.0, "belowRimCm": 4.0, "sumpLitres": 0.0, "rockPorosity": 0.4, "sandPorosity": 0.4, "rockKgPerLitre": 1.6}, "cycledOn": "2026-07-08", "holdings": {"snails": 1.0, "shrimps": 1.5, "soft_corals": 3.0, "large_polyp_stony_corals": 5.0}, "shelters": 4, "experience": "some_years", "sandDepthCm": 3.0, "feedingPlaces": 1, "refugiumLitres": 0.0, "specificGravity": 1.025, "temperatureCelsius": 25.0}', '{"schools": {"kin": "same_day", "rock": "last_resort", "pause": "days", "tangs": "staged", "anthias": "at_once", "bigFish": "adult_size", "ceiling": "inches", "bacteria": "eight_hours", "salinity": "natural", "clownfish": "first", "quarantine": "observation"}, "husbandry": {"pH": 8.2, "saltPrice": 4.0, "changeDays": 7, "foodFactor": 1.0, "changeShare": 0.1, "proteinShare": 0.45, "nitrateExport": 0.85, "nitrateTarget": 15.0, "bottledBacteria": false, "phosphateExport": 0.97, "phosphateTarget": 0.1, "clearsMgPerLitreDay": 2.0}, "overruled": {}, "widestGapMm": 6.0, "shynessWeight": 1.0, "carefulPerHour": 4.0, "latenessWeight": 0.25, "bodyLengthsToSwim": 4.0, "gallonsPerInchNew": 5.0, "matureAfterMonths": 12, "pauseAfterOneDays": 14, "pauseAfterMoreDays": 28, "gallonsPerInchMature": 3.0}', '2026-11-25 11:21:20.90995+00', NULL),
	('f982a491-bf71-41da-aa12-521734a91475', 1, '974240c6-4103-44ea-8ede-28253df288e2', 'Skerry reef', '{"name": "Skerry reef", "cover": {"kind": "mesh", "gapMm": 6.0}, "drawn": {"gaps": [{"id": "g1", "xCm": 146.0, "yCm": 4.0, "name": "Back corner", "widthMm": 6.0}], "rocks": [{"id": "ridge", "xCm": 46.0, "yCm": 21.0, "form": "mound", "name": "Long ridge", "liftCm": 0.0, "depthCm": 34.0, "widthCm": 74.0, "heightCm": 22.0}, {"id": "stack", "xCm": 22.0, "yCm": 16.0, "form": "pillar", "name": "The stack", "liftCm": 0.0, "depthCm": 14.0, "widthCm": 15.0, "heightCm": 37.0}, {"id": "arch", "xCm": 50.0, "yCm": 22.0, "form": "shelf", "name": "The arch", "liftCm": 19.0, "depthCm": 24.0, "widthCm": 44.0, "heightCm": 4.5}, {"id": "crown", "xCm": 58.0, "yCm": 20.0, "form": "mound", "name": "Crown", "liftCm": 22.5, "depthCm": 18.0, "widthCm": 22.0, "heightCm": 10.0}, {"id": "leg-left", "xCm": 101.0, "yCm": 20.0, "form": "pillar", "name": "Left leg", "liftCm": 0.0, "depthCm": 12.0, "widthCm": 9.0, "heightCm": 15.0}, {"id": "leg-right", "xCm": 123.0, "yCm": 22.0, "form": "pillar", "name": "Right leg", "liftCm": 0.0, "depthCm": 12.0, "widthCm": 9.0, "heightCm": 15.0}, {"id": "table", "xCm": 112.0, "yCm": 22.0, "form": "shelf", "name": "The table", "liftCm": 14.0, "depthCm": 26.0, "widthCm": 38.0, "heightCm": 4.0}, {"id": "outlier", "xCm": 133.0, "yCm": 38.0, "form": "mound", "name": "Outlier", "liftCm": 0.0, "depthCm": 17.0, "widthCm": 24.0, "heightCm": 10.0}], "feeding": [{"id": "f1", "xCm": 20.0, "yCm": 40.0, "kind": "station", "name": "Left feeding place"}, {"id": "f2", "xCm": 125.0, "yCm": 40.0, "kind": "station", "name": "Right feeding place"}], "shelters": [{"id": "c1", "xCm": 27.0, "yCm": 33.0, "zCm": 10.0, "kind": "cave", "name": "Left cave", "sizeCm": 6.5}, {"id": "c2", "xCm": 47.0, "yCm": 37.5, "zCm": 10.5, "kind": "cave", "name": "Middle cave", "sizeCm": 8.0}, {"id": "c3", "xCm": 66.0, "yCm": 34.0, "zCm": 16.0, "kind": "cave", "name": "Under the arch", "sizeCm": 6.0}, {"id": "v1", "xCm": 23.0, "yCm": 23.5, "zCm": 26.0, "kind": "crevice", "name": "Stack slit", "sizeCm": 5.0}, {"id": "v2", "xCm": 38.0, "yCm": 33.0, "zCm": 23.0, "kind": "crevice", "name": "Arch slit", "sizeCm": 4.5}, {"id": "c4", "xCm": 112.0, "yCm": 30.0, "zCm": 11.0, "kind": "cave", "name": "Under the table", "sizeCm": 9.0}, {"id": "v3", "xCm": 122.0, "yCm": 34.0, "zCm": 21.0, "kind": "crevice", "name": "Table slit", "sizeCm": 4.0}, {"id": "c5", "xCm": 131.0, "yCm": 46.0, "zCm": 9.0, "kind": "cave", "name": "Outlier hole", "sizeCm": 4.0}, {"id": "v4", "xCm": 74.0, "yCm": 31.0, "zCm": 12.0, "kind": "crevice", "name": "Ridge slit", "sizeCm": 4.0}, {"id": "b1", "xCm": 91.0, "yCm": 44.0, "zCm": 6.0, "kind": "burrow", "name": "Pip''s burrow", "sizeCm": 4.0}, {"id": "a1", "xCm": 12.0, "yCm": 34.0, "zCm": 10.0, "kind": "anemone", "name": "The anemone", "sizeCm": 9.0}, {"id": "k1", "xCm": 108.0, "yCm": 18.0, "zCm": 27.0, "kind": "branches", "name": "Staghorn", "sizeCm": 10.0}, {"id": "k2", "xCm": 58.0, "yCm": 19.0, "zCm": 41.0, "kind": "branches", "name": "Blue tips", "sizeCm": 8.0}]}, "shape": {"kind": "box", "widthCm": 55.0, "heightCm": 58.0, "lengthCm": 150.0}, "water": {"rockKg": 72.1, "belowRimCm": 4.0, "sumpLitres": 55.0, "rockPorosity": 0.4, "sandPorosity": 0.4, "rockKgPerLitre": 1.6}, "cycledOn": "2026-04-13", "holdings": {"snails": 1.2, "shrimps": 4.0, "tube_worms": 3.0, "soft_corals": 3.0, "crabs_and_hermits": 1.5, "large_polyp_stony_corals": 6.0, "small_polyp_stony_corals": 4.0}, "shelters": 9, "experience": "some_years", "sandDepthCm": 6.0, "swimLengthCm": 150.0, "feedingPlaces": 2, "refugiumLitres": 25.0, "specificGravity": 1.0255, "temperatureCelsius": 25.5}', '{"schools": {"kin": "never", "rock": "last_resort", "pause": "days", "tangs": "staged", "anthias": "at_once", "bigFish": "adult_size", "ceiling": "inches", "bacteria": "eight_hours", "salinity": "natural", "clownfish": "first", "quarantine": "observation"}, "husbandry": {"pH": 8.2, "saltPrice": 4.0, "changeDays": 7, "foodFactor": 1.0, "changeShare": 0.1, "proteinShare": 0.45, "nitrateExport": 0.85, "nitrateTarget": 15.0, "bottledBacteria": false, "phosphateExport": 0.97, "phosphateTarget": 0.1, "clearsMgPerLitreDay": 2.0}, "overruled": {}, "widestGapMm": 6.0, "shynessWeight": 1.5, "carefulPerHour": 3.0, "latenessWeight": 0.1, "bodyLengthsToSwim": 5.0, "gallonsPerInchNew": 5.0, "matureAfterMonths": 12, "pauseAfterOneDays": 28, "pauseAfterMoreDays": 42, "gallonsPerInchMature": 5.0}', '2026-11-25 11:21:20.050248+00', NULL);

INSERT INTO public.water_test VALUES
	('09aafd00-0e8e-4634-a2a1-4a3e59eb4bbe', 'f982a491-bf71-41da-aa12-521734a91475', 't0', '2026-07-07', 'NITRATE', 1.5, NULL),
	('5cd8f165-41d4-467a-9f8a-f7a500ffc96a', 'f982a491-bf71-41da-aa12-521734a91475', 't1', '2026-07-28', 'NITRATE', 1.5, NULL),
	('689bc6b2-cc84-47f4-9fce-8e1e9ce0430c', 'f982a491-bf71-41da-aa12-521734a91475', 't2', '2026-08-18', 'NITRATE', 2, NULL),
	('231b2ee8-b373-4d05-bc7d-ea32e6b7f6b9', 'f982a491-bf71-41da-aa12-521734a91475', 't3', '2026-09-08', 'NITRATE', 2, NULL),
	('f26d21ac-0877-4a5c-a28e-d92a743653e6', 'f982a491-bf71-41da-aa12-521734a91475', 't4', '2026-09-29', 'NITRATE', 2.5, NULL),
	('386c88f5-6486-4162-9f9d-db7e8fef2d03', 'f982a491-bf71-41da-aa12-521734a91475', 'ta1', '2026-10-14', 'AMMONIA', 0.05, NULL),
	('9a8990e2-b908-4d9f-9d6f-055fc1eb728a', 'f982a491-bf71-41da-aa12-521734a91475', 't5', '2026-10-20', 'NITRATE', 2.5, NULL),
	('d2daa9d1-b32a-4c81-a374-f6e327ad6ae5', 'f982a491-bf71-41da-aa12-521734a91475', 't6', '2026-11-10', 'NITRATE', 3, NULL),
	('68a22ed3-e13a-4ddc-974c-5aa3ac1998c0', 'f982a491-bf71-41da-aa12-521734a91475', 't7', '2026-11-22', 'NITRATE', 3, NULL),
	('9938574e-28d9-4750-a5be-6cc80e9fac2f', 'f982a491-bf71-41da-aa12-521734a91475', 'ta2', '2026-11-22', 'AMMONIA', 0, NULL),
	('94b7d617-4cde-4460-a5c2-c083b5fd8d40', 'f982a491-bf71-41da-aa12-521734a91475', 'tn1', '2026-11-22', 'NITRITE', 0.02, NULL),
	('f5726de9-df9d-40e2-aa03-1502d8f2309b', 'f982a491-bf71-41da-aa12-521734a91475', 'tp1', '2026-11-22', 'PHOSPHATE', 0.06, NULL);

INSERT INTO public.wish VALUES
	('086e47a8-b5ff-49b4-ba37-7367cb42d708', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'w-cardinal', 0, 'pterapogon-kauderni', 1, NULL, 'Ilse', 'OPEN', NULL, NULL, NULL, 28, NULL),
	('c58f9de2-6bfe-46e3-89f0-57329457b576', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'w-tomini', 3, 'ctenochaetus-tominiensis', 1, NULL, 'Marit', 'OPEN', NULL, NULL, NULL, 89, NULL),
	('6ab6f7dc-4b3e-46b2-b674-b29b5634e004', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'w-mandarin', 4, 'synchiropus-splendidus', 1, NULL, 'Teodor', 'OPEN', NULL, NULL, NULL, 42, NULL),
	('6f2280cd-dcdd-4345-b11d-f842aa19a012', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'w-leopard', 5, 'macropharyngodon-bipartitus', 1, NULL, 'Marit', 'OPEN', NULL, NULL, NULL, NULL, NULL),
	('d1aa2b35-a0d4-446b-80f2-11e7acdb3dc3', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'w-butterfly', 7, 'chaetodon-auriga', 1, NULL, 'Ilse', 'OPEN', NULL, NULL, NULL, NULL, NULL),
	('1edb0aaa-75ee-4329-bc3b-d12ca5223940', 0, 'df6fc2c4-e547-46d7-ba41-62727f38827a', 'v-neon', 0, 'elacatinus-oceanops', 1, NULL, 'Ilse', 'OPEN', NULL, NULL, NULL, NULL, NULL),
	('519dd6a3-a64c-4df6-af0f-4c85c40f62b3', 0, 'df6fc2c4-e547-46d7-ba41-62727f38827a', 'v-mandarin', 1, 'synchiropus-splendidus', 1, NULL, 'Marit', 'OPEN', NULL, NULL, NULL, NULL, NULL),
	('068414e7-0ae3-4827-8aa5-d645a7beebe6', 0, 'df6fc2c4-e547-46d7-ba41-62727f38827a', 'v-clowns', 2, 'amphiprion-ocellaris', 2, NULL, 'Teodor', 'OPEN', NULL, NULL, NULL, NULL, NULL),
	('18e56661-68a9-46cd-a9db-952317e6855c', 1, 'f982a491-bf71-41da-aa12-521734a91475', 'w-neon', 1, 'elacatinus-oceanops', 1, NULL, 'Ilse', 'OPEN', NULL, '2026-11-25', NULL, 24, NULL),
	('2810a05a-4a70-4c25-aed9-4dc25dbb4a00', 1, 'f982a491-bf71-41da-aa12-521734a91475', 'w-fairy', 2, 'cirrhilabrus-solorensis', 1, NULL, 'Teodor', 'STRUCK', 'died in quarantine on 2026-11-25', NULL, NULL, 75, NULL),
	('bc390bf6-bc69-4dc5-9c37-5cf563705388', 0, 'f982a491-bf71-41da-aa12-521734a91475', 'r5f09a60f-9740-4a0a-b166-f30660a2e0d2', 9, 'cirrhilabrus-solorensis', 1, NULL, 'Teodor', 'OPEN', NULL, NULL, NULL, 75, NULL),
	('9b67c67e-ad25-43d5-b094-a3b8346c8c03', 1, 'f982a491-bf71-41da-aa12-521734a91475', 'w-lion', 8, 'dendrochirus-zebra', 1, NULL, 'Teodor', 'OPEN', NULL, NULL, '2026-11-25 11:21:49.088024+00', NULL, NULL),
	('515b53ed-3c53-446c-afb5-8dabc7c89833', 1, 'f982a491-bf71-41da-aa12-521734a91475', 'w-naso', 6, 'naso-lituratus', 1, NULL, 'Teodor', 'IN', 'a larger tank in spring', NULL, NULL, NULL, NULL);

ALTER TABLE ONLY public.entry_history
    ADD CONSTRAINT entry_history_pkey PRIMARY KEY (id);

ALTER TABLE ONLY public.flyway_schema_history
    ADD CONSTRAINT flyway_schema_history_pk PRIMARY KEY (installed_rank);

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

CREATE INDEX log_entry_of_tank ON public.log_entry USING btree (tank_id, seen_at);

CREATE INDEX message_of_keeper ON public.message USING btree (keeper_id, due_at);

CREATE UNIQUE INDEX spring_session_ix1 ON public.spring_session USING btree (session_id);

CREATE INDEX spring_session_ix2 ON public.spring_session USING btree (expiry_time);

CREATE INDEX spring_session_ix3 ON public.spring_session USING btree (principal_name);

CREATE INDEX table_draft_of_tank ON public.table_draft USING btree (tank_id);

CREATE INDEX tank_of_keeper ON public.tank USING btree (keeper_id);

CREATE INDEX water_test_of_tank ON public.water_test USING btree (tank_id, tested_on);

CREATE INDEX wish_share_of_tank ON public.share USING btree (tank_id);

ALTER TABLE ONLY public.entry_history
    ADD CONSTRAINT entry_history_tank_id_fkey FOREIGN KEY (tank_id) REFERENCES public.tank(id);

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

