-- Inspections, their append-only entries, and the materialised state that lists read.

create table inspections (
  organisation_id uuid not null references organisations,
  id text not null check (id ~ '^[A-Za-z0-9_-]{1,64}$'),
  settings jsonb not null,
  -- Authors from another organisation, as they were when the package was made.
  authors jsonb not null default '[]',
  created_by text not null,
  created_at timestamptz not null default now(),
  primary key (organisation_id, id)
);

create table entries (
  organisation_id uuid not null,
  id text not null check (id ~ '^[A-Za-z0-9_-]{1,64}$'),
  inspection_id text not null,
  counter bigint not null check (counter >= 1),
  device text not null,
  author text not null,
  action text not null,
  body jsonb not null,
  received_at timestamptz not null default now(),
  primary key (organisation_id, id),
  foreign key (organisation_id, inspection_id) references inspections
);
create index entries_in_order on entries (organisation_id, inspection_id, counter, device, id);

create table inspection_states (
  organisation_id uuid not null,
  inspection_id text not null,
  place text not null,
  address text not null,
  as_of date,
  entries integer not null,
  findings jsonb not null,
  seen_share real not null,
  updated_at timestamptz not null default now(),
  primary key (organisation_id, inspection_id),
  foreign key (organisation_id, inspection_id) references inspections
);

do $$
declare name text;
begin
  foreach name in array array['inspections', 'entries', 'inspection_states'] loop
    execute format('alter table %I enable row level security', name);
    execute format('alter table %I force row level security', name);
    execute format('create policy own_organisation on %I using (organisation_id = current_organisation()) with check (organisation_id = current_organisation())', name);
    execute format('create policy door on %I to current_user using (door_is_open()) with check (door_is_open())', name);
  end loop;
end $$;
