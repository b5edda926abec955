-- Parts of pictures on their way: a line that breaks goes on where it broke.

create table picture_parts (
  organisation_id uuid not null references organisations,
  digest text not null check (digest ~ '^[0-9a-f]{64}$'),
  -- The first byte of it in the picture, counted from nought.
  from_byte integer not null check (from_byte >= 0),
  bytes bytea not null check (length(bytes) between 1 and 262144),
  at timestamptz not null default now(),
  primary key (organisation_id, digest, from_byte)
);
create index picture_parts_at on picture_parts (organisation_id, at);

do $$
declare app text := current_setting('east_gate.app_role');
begin
  alter table picture_parts enable row level security;
  alter table picture_parts force row level security;
  create policy own_organisation on picture_parts using (organisation_id = current_organisation()) with check (organisation_id = current_organisation());
  create policy door on picture_parts to current_user using (door_is_open()) with check (door_is_open());
  execute format('grant select, insert, delete on picture_parts to %I', app);
end $$;
