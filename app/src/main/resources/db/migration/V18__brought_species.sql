-- The move that brought a species along into this tank, so that taking the move back takes the species back too.
alter table own_species add column brought_by text;
