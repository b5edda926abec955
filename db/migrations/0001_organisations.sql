-- Organisations, their members, sessions and sign-in attempts.
-- Row security is forced on every table. The application sees the rows of the organisation set for
-- its transaction (east_gate.organisation) and nothing without one. The owner sees rows only where a
-- function opens the door (east_gate.door) for itself; those functions are the ones in 0003.

create function current_organisation() returns uuid
language sql stable
as $$ select nullif(current_setting('east_gate.organisation', true), '')::uuid $$;

create function door_is_open() returns boolean
language sql stable
as $$ select coalesce(current_setting('east_gate.door', true), '') = 'open' $$;

create table organisations (
  organisation_id uuid primary key,
  name text not null check (length(name) between 1 and 200),
  settings jsonb not null,
  created_at timestamptz not null default now()
);

create table members (
  organisation_id uuid not null references organisations,
  id text not null check (id ~ '^[A-Za-z0-9_-]{1,64}$'),
  email text not null,
  name text not null,
  licence text not null default '',
  password_hash text not null,
  primary key (organisation_id, id)
);
create unique index members_email on members (lower(email));

create table sessions (
  organisation_id uuid not null,
  token_hash bytea not null,
  member_id text not null,
  created_at timestamptz not null default now(),
  expires_at timestamptz not null,
  primary key (organisation_id, token_hash),
  foreign key (organisation_id, member_id) references members
);
create unique index sessions_token on sessions (token_hash);

create table sign_in_attempts (
  organisation_id uuid,
  key text not null,
  at timestamptz not null default now()
);
create index sign_in_attempts_key on sign_in_attempts (key, at);

do $$
declare name text;
begin
  foreach name in array array['organisations', 'members', 'sessions', 'sign_in_attempts'] loop
    execute format('alter table %I enable row level security', name);
    execute format('alter table %I force row level security', name);
    execute format('create policy own_organisation on %I using (organisation_id = current_organisation()) with check (organisation_id = current_organisation())', name);
    execute format('create policy door on %I to current_user using (door_is_open()) with check (door_is_open())', name);
  end loop;
end $$;
