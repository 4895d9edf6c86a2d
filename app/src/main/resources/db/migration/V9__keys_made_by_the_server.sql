-- Primary keys are made by the server. What a form brings is its own key: sent twice it makes one row, and it means nothing
-- beyond the keeper (tanks) or the tank (tables) that it was sent for.
alter table tank add column form_key uuid;
create unique index tank_of_form on tank (keeper_id, form_key);

alter table table_draft add column form_key uuid;
create unique index table_draft_of_form on table_draft (tank_id, form_key);
