-- What the role that serves keepers may do in this database. Run by the owner of the schema, before or after the first start.
grant usage on schema public to pelluna_server;
grant select, insert, update, delete on all tables in schema public to pelluna_server;
alter default privileges in schema public grant select, insert, update, delete on tables to pelluna_server;
