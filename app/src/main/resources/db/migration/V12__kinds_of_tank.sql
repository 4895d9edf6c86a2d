-- What a tank is for. A quarantine tank is one for all of its keeper's tanks: what is said of each of them rests on it too.
alter table tank
    add column kind text not null default 'DISPLAY';
