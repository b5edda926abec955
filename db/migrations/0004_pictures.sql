-- Pictures, stored once by the SHA-256 of their bytes, and the small ones made of them.

create table pictures (
  organisation_id uuid not null references organisations,
  digest text not null check (digest ~ '^[0-9a-f]{64}$'),
  media_type text not null,
  width integer not null check (width > 0),
  height integer not null check (height > 0),
  bytes bytea not null,
  created_by text not null,
  created_at timestamptz not null default now(),
  primary key (organisation_id, digest)
);

create table thumbnails (
  organisation_id uuid not null,
  digest text not null,
  bytes bytea not null,
  primary key (organisation_id, digest),
  foreign key (organisation_id, digest) references pictures
);

do $$
declare
  name text;
  app text := current_setting('east_gate.app_role');
begin
  foreach name in array array['pictures', 'thumbnails'] loop
    execute format('alter table %I enable row level security', name);
    execute format('alter table %I force row level security', name);
    execute format('create policy own_organisation on %I using (organisation_id = current_organisation()) with check (organisation_id = current_organisation())', name);
    execute format('create policy door on %I to current_user using (door_is_open()) with check (door_is_open())', name);
    execute format('grant select, insert on %I to %I', name, app);
  end loop;
end $$;
