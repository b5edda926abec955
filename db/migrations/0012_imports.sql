-- Large packages: taken in at once, read and written by a job, so that nobody waits for it but who asked.

create table imports (
  organisation_id uuid not null references organisations,
  id text not null check (id ~ '^[A-Za-z0-9_-]{1,64}$'),
  -- Who sent it, as signed in then.
  member_id text not null,
  member_name text not null,
  state text not null default 'waiting' check (state in ('waiting', 'reading', 'loaded', 'refused')),
  step integer not null default 0,
  steps integer not null default 0,
  -- What became of it, as the request itself would have been answered.
  answer jsonb,
  -- Gone once it is read.
  bytes bytea,
  asked_at timestamptz not null default now(),
  primary key (organisation_id, id),
  foreign key (organisation_id, member_id) references members,
  check ((state in ('loaded', 'refused')) = (answer is not null)),
  check ((state in ('waiting', 'reading')) = (bytes is not null))
);
alter table imports alter column bytes set storage external;

do $$
declare app text := current_setting('east_gate.app_role');
begin
  alter table imports enable row level security;
  alter table imports force row level security;
  create policy own_organisation on imports using (organisation_id = current_organisation()) with check (organisation_id = current_organisation());
  execute format('create policy door on imports to current_user using (door_is_open()) with check (door_is_open())');
  execute format('grant select, insert, update, delete on imports to %I', app);
end $$;
