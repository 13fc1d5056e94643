-- Phones and tablets that may reach this server over the boat's own network. They belong to the installation, not to a
-- vessel: whoever is aboard sees every boat that is kept here, as at the computer itself.

create table device (
    device_id   uuid primary key,
    name        text not null,
    token_hash  text not null unique,
    paired_at   timestamptz not null default now(),
    seen_at     timestamptz not null default now(),
    shut_out_at timestamptz
);
comment on table device is
    'Devices that were paired; a token is known here only as its SHA-256. One that is shut out stays named, and is refused.';

create table pairing (
    one       boolean primary key default true check (one),
    code_hash text not null,
    until     timestamptz not null,
    tries     integer not null default 0
);
comment on table pairing is 'The code that pairs the next device: used once, for some minutes, void after some wrong tries.';
