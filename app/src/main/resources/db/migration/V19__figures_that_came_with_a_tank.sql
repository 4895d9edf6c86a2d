-- The imported tank that brought a figure along. While that tank is removed the figure is hidden; it goes and comes back with it.
alter table own_figure add column brought_by uuid references tank (id) on delete cascade;
alter table own_figure add column hidden boolean not null default false;
create index own_figure_brought_by on own_figure (brought_by);
