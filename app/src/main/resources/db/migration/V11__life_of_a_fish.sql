-- What was noted of a fish since it came: lengths, sex, days out of the display, how it left. Null if nothing was.
alter table resident
    add column life jsonb;
