-- Issued reports read again by the rules as they are now: what they find in the same facts that is Danger
-- now or Urgent, and that the report lacks. The report itself stays as issued.

create table report_rechecks (
  organisation_id uuid not null,
  report_id text not null,
  -- [{key, title, place, grade, was}]
  lacks jsonb not null,
  -- Why it could not be read again; empty: it was.
  fault text not null default '',
  checked_at timestamptz not null,
  primary key (organisation_id, report_id),
  foreign key (organisation_id, report_id) references issued_reports
);

do $$
declare
  app text := current_setting('east_gate.app_role');
begin
  alter table report_rechecks enable row level security;
  alter table report_rechecks force row level security;
  create policy own_organisation on report_rechecks using (organisation_id = current_organisation()) with check (organisation_id = current_organisation());
  create policy door on report_rechecks to current_user using (door_is_open()) with check (door_is_open());
  execute format('grant select, insert, update on report_rechecks to %I', app);
end $$;
