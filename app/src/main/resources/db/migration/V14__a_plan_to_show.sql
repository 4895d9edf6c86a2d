-- A plan can be shown by a private link: what it shows beside the plan is the keeper's choice.
alter table share add column shows_keeper boolean not null default false;
alter table share add column shows_log boolean not null default false;

-- What somebody who has the link remarked, of one fish or wish or of the whole plan. Nobody but the keeper sees it until it may stand.
create table remark (
    id         uuid primary key,
    tank_id    uuid         not null references tank (id),
    share_id   uuid         not null references share (id),
    form_key   uuid         not null,
    about      varchar(64),
    author     varchar(40)  not null,
    words      varchar(600) not null,
    sender     char(64)     not null,
    said_at    timestamptz  not null,
    state      varchar(8)   not null,
    unique (share_id, form_key)
);
create index remark_of_tank on remark (tank_id, said_at);
