-- The same kind of link serves the family's wishes and a private calendar address.
alter table wish_share rename to share;
alter table share add column purpose text not null default 'WISHES';
