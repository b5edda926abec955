-- Whose word an entry is: what came in a package, who brought it and when. Devices a member signed in from.
-- Versions of settings, so that two who change them lose nothing. The day of issue by the office's own clock.

create table carried_packages (
  organisation_id uuid not null,
  inspection_id text not null,
  -- SHA-256 of the package's document, hex.
  digest text not null check (digest ~ '^[0-9a-f]{64}$'),
  -- The office that made it, as it calls itself.
  office text not null check (length(office) <= 200),
  authors jsonb not null,
  -- What the package itself says came in others; null: it did not record it.
  before jsonb,
  brought_by text not null,
  brought_name text not null,
  brought_at timestamptz not null default now(),
  primary key (organisation_id, inspection_id, digest),
  foreign key (organisation_id, inspection_id) references inspections
);

-- Null: delivered by its author; or brought before this was recorded.
alter table entries
  add column carried text,
  add foreign key (organisation_id, inspection_id, carried) references carried_packages (organisation_id, inspection_id, digest);

create table known_devices (
  organisation_id uuid not null,
  -- SHA-256 of the token the device keeps.
  token_hash bytea not null,
  member_id text not null,
  used_at timestamptz not null default now(),
  primary key (organisation_id, member_id, token_hash),
  foreign key (organisation_id, member_id) references members
);

alter table organisations add column settings_version integer not null default 1;

-- Null: issued before it was kept, dated by world time.
alter table issued_reports add column issued_on date;

-- Asked before an organisation is known: has this member signed in from this device before.
create function is_known_device(wanted_email text, wanted_hash bytea)
returns boolean
language plpgsql security definer
set search_path = public, pg_temp
as $$
declare known boolean;
begin
  perform set_config('east_gate.door', 'open', true);
  select exists (
    select 1 from known_devices d
    join members m on m.organisation_id = d.organisation_id and m.id = d.member_id
    where d.token_hash = wanted_hash and lower(m.email) = lower(wanted_email)
  ) into known;
  perform set_config('east_gate.door', '', true);
  return known;
end $$;

do $$
declare
  name text;
  app text := current_setting('east_gate.app_role');
begin
  foreach name in array array['carried_packages', 'known_devices'] loop
    execute format('alter table %I enable row level security', name);
    execute format('alter table %I force row level security', name);
    execute format('create policy own_organisation on %I using (organisation_id = current_organisation()) with check (organisation_id = current_organisation())', name);
    execute format('create policy door on %I to current_user using (door_is_open()) with check (door_is_open())', name);
    execute format('grant select, insert on %I to %I', name, app);
  end loop;
  execute format('grant update (used_at) on known_devices to %I', app);
  -- Bodies are append-only; that a member vouches for what was carried before is written beside them.
  execute format('grant update (carried) on entries to %I', app);
  execute format('grant update (settings_version) on organisations to %I', app);
  execute format('revoke execute on function is_known_device(text, bytea) from public');
  execute format('grant execute on function is_known_device(text, bytea) to %I', app);
end $$;
