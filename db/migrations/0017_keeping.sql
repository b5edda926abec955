-- How long an office keeps what passes, and what of a client was removed on request.

-- {lettersDays, visitsDays, auditDays}; null: as long as is proposed. Inspections and issued reports stay.
alter table organisations add column keeping jsonb;

create table erasures (
  organisation_id uuid not null,
  inspection_id text not null,
  at timestamptz not null default now(),
  by_member text not null,
  primary key (organisation_id, inspection_id),
  foreign key (organisation_id, inspection_id) references inspections
);

do $$
declare app text := current_setting('east_gate.app_role');
begin
  alter table erasures enable row level security;
  alter table erasures force row level security;
  create policy own_organisation on erasures using (organisation_id = current_organisation()) with check (organisation_id = current_organisation());
  create policy door on erasures to current_user using (door_is_open()) with check (door_is_open());
  execute format('grant select, insert on erasures to %I', app);
  execute format('grant update (keeping) on organisations to %I', app);
  execute format('grant update (sent_to) on links to %I', app);
  execute format('grant update (sent_to, subject) on mailbox to %I', app);
end $$;

-- What is older than its office keeps it leaves: letters, visits of links, deeds. Gives how many rows.
create function drop_what_is_old(letters_days integer, visits_days integer, audit_days integer)
returns integer
language plpgsql security definer
set search_path = public, pg_temp
as $$
declare
  dropped integer;
  total integer := 0;
begin
  perform set_config('east_gate.door', 'open', true);
  delete from mailbox m using organisations o
    where o.organisation_id = m.organisation_id and m.state not in ('waiting', 'sending')
      and m.sent_at < now() - make_interval(days => coalesce((o.keeping ->> 'lettersDays')::integer, letters_days));
  get diagnostics dropped = row_count;
  total := total + dropped;
  delete from link_visits l using organisations o
    where o.organisation_id = l.organisation_id
      and l.at < now() - make_interval(days => coalesce((o.keeping ->> 'visitsDays')::integer, visits_days));
  get diagnostics dropped = row_count;
  total := total + dropped;
  delete from audit_events a using organisations o
    where o.organisation_id = a.organisation_id
      and a.at < now() - make_interval(days => coalesce((o.keeping ->> 'auditDays')::integer, audit_days));
  get diagnostics dropped = row_count;
  total := total + dropped;
  perform set_config('east_gate.door', '', true);
  return total;
end $$;

do $$
declare app text := current_setting('east_gate.app_role');
begin
  revoke execute on function drop_what_is_old(integer, integer, integer) from public;
  execute format('grant execute on function drop_what_is_old(integer, integer, integer) to %I', app);
end $$;
