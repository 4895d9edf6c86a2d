-- Two roles and a database, by PostgreSQL's administrator:
--   psql -v owner_word=... -v server_word=... -f database.sql
-- The owner changes the schema when a new version starts; the server reads and writes rows and can do nothing else.
create role pelluna_owner login password :'owner_word';
create role pelluna_server login password :'server_word';
create database pelluna owner pelluna_owner;
\connect pelluna
alter schema public owner to pelluna_owner;
set role pelluna_owner;
\ir server-role.sql
