-- How a fish of a wish was seen in the shop. Null if none was.
alter table wish
    add column sight jsonb;
