-- Issued reports, the links clients open them by, the mailbox stand-in, and what lists and search read.

create table issued_reports (
  organisation_id uuid not null,
  id text not null check (id ~ '^[A-Za-z0-9_-]{1,64}$'),
  inspection_id text not null,
  -- Counted by organisation and year of issue: 2026-0007.
  number text not null,
  revision integer not null default 0 check (revision >= 0),
  revises text,
  kind text not null check (kind in ('report', 'closing')),
  changes text not null default '',
  issued_at timestamptz not null default now(),
  issued_by text not null,
  signed_name text not null check (length(signed_name) between 1 and 200),
  licence text not null default '',
  -- SHA-256 over the canonical package, hex; printed on every page.
  digest text not null check (digest ~ '^[0-9a-f]{64}$'),
  package text not null,
  report jsonb not null,
  entries integer not null,
  primary key (organisation_id, id),
  unique (organisation_id, number, revision),
  foreign key (organisation_id, inspection_id) references inspections,
  foreign key (organisation_id, revises) references issued_reports
);
create index issued_reports_of on issued_reports (organisation_id, inspection_id, issued_at);
create index issued_reports_digest on issued_reports (organisation_id, digest);

create table links (
  organisation_id uuid not null,
  id text not null check (id ~ '^[A-Za-z0-9_-]{1,64}$'),
  report_id text not null,
  token_hash bytea not null,
  sent_to text not null,
  created_by text not null,
  created_at timestamptz not null default now(),
  expires_at timestamptz not null,
  revoked_at timestamptz,
  acknowledged_at timestamptz,
  acknowledged_by text not null default '',
  primary key (organisation_id, id),
  foreign key (organisation_id, report_id) references issued_reports
);
create unique index links_token on links (token_hash);
create index links_of on links (organisation_id, report_id);

create table link_visits (
  organisation_id uuid not null,
  link_id text not null,
  at timestamptz not null default now(),
  did text not null check (did in ('opened', 'acknowledged', 'downloaded')),
  foreign key (organisation_id, link_id) references links
);
create index link_visits_of on link_visits (organisation_id, link_id, at);

create table mailbox (
  organisation_id uuid not null references organisations,
  id text not null check (id ~ '^[A-Za-z0-9_-]{1,64}$'),
  sent_to text not null,
  subject text not null,
  body text not null,
  sent_at timestamptz not null default now(),
  primary key (organisation_id, id)
);

alter table inspection_states
  add column danger_open integer not null default 0,
  add column due_on date,
  add column stage text not null default 'draft' check (stage in ('draft', 'issued', 'changed', 'returning', 'closed')),
  add column issued_as text,
  add column words text not null default '',
  add column search tsvector generated always as (to_tsvector('simple', words)) stored;
-- What stood before has its dangers counted and can be found; its deadline follows with its next entry.
do $$
begin
  perform set_config('east_gate.door', 'open', true);
  update inspection_states
    set danger_open = coalesce((findings ->> 'danger')::integer, 0), words = concat_ws(' ', place, address);
  perform set_config('east_gate.door', '', true);
end $$;
create index inspection_states_search on inspection_states using gin (search);
create index inspection_states_latest on inspection_states (organisation_id, updated_at desc, inspection_id);
create index inspection_states_due on inspection_states (organisation_id, due_on);

do $$
declare
  name text;
  app text := current_setting('east_gate.app_role');
begin
  foreach name in array array['issued_reports', 'links', 'link_visits', 'mailbox'] loop
    execute format('alter table %I enable row level security', name);
    execute format('alter table %I force row level security', name);
    execute format('create policy own_organisation on %I using (organisation_id = current_organisation()) with check (organisation_id = current_organisation())', name);
    execute format('create policy door on %I to current_user using (door_is_open()) with check (door_is_open())', name);
    execute format('grant select, insert on %I to %I', name, app);
  end loop;
  -- What was issued is never changed; links end.
  execute format('grant update (revoked_at, acknowledged_at, acknowledged_by) on links to %I', app);
end $$;

-- Asked before an organisation is known: whose link is this. An ended one is as if it were not there.
create function find_link(wanted_hash bytea)
returns table (organisation_id uuid, link_id text, report_id text)
language plpgsql security definer
set search_path = public, pg_temp
as $$
begin
  perform set_config('east_gate.door', 'open', true);
  return query
    select l.organisation_id, l.id, l.report_id from links l
    where l.token_hash = wanted_hash and l.revoked_at is null and l.expires_at > now();
  perform set_config('east_gate.door', '', true);
end $$;

do $$
declare app text := current_setting('east_gate.app_role');
begin
  execute format('revoke execute on function find_link(bytea) from public');
  execute format('grant execute on function find_link(bytea) to %I', app);
end $$;
