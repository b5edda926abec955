-- Spoken notes, stored once by the SHA-256 of their bytes; and parts of files on their way: a line that breaks goes
-- on where it broke.

create table sounds (
  organisation_id uuid not null references organisations,
  digest text not null check (digest ~ '^[0-9a-f]{64}$'),
  media_type text not null,
  bytes bytea not null,
  created_by text not null,
  created_at timestamptz not null default now(),
  primary key (organisation_id, digest)
);

create table file_parts (
  organisation_id uuid not null references organisations,
  digest text not null check (digest ~ '^[0-9a-f]{64}$'),
  -- The first byte of it in the file, counted from nought.
  from_byte integer not null check (from_byte >= 0),
  bytes bytea not null check (length(bytes) between 1 and 262144),
  at timestamptz not null default now(),
  primary key (organisation_id, digest, from_byte)
);
create index file_parts_at on file_parts (organisation_id, at);

do $$
declare
  name text;
  app text := current_setting('east_gate.app_role');
begin
  foreach name in array array['sounds', 'file_parts'] loop
    execute format('alter table %I enable row level security', name);
    execute format('alter table %I force row level security', name);
    execute format('create policy own_organisation on %I using (organisation_id = current_organisation()) with check (organisation_id = current_organisation())', name);
    execute format('create policy door on %I to current_user using (door_is_open()) with check (door_is_open())', name);
    execute format('grant select, insert on %I to %I', name, app);
  end loop;
  execute format('grant delete on file_parts to %I', app);
end $$;
