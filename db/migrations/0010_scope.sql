-- What was agreed and what of it was done, for lists; and what a member's licence proposes for a new visit.

alter table inspection_states
  add column acts_made integer,
  add column acts_agreed integer,
  -- "looks", "looks and tests"
  add column acts_called text;

alter table members
  add column scope text check (scope in ('outside', 'looks', 'opens', 'tests', 'full'));

drop function find_session(bytea);

create function find_session(wanted_hash bytea)
returns table (organisation_id uuid, member_id text, name text, licence text, organisation text, scope text)
language plpgsql security definer
set search_path = public, pg_temp
as $$
begin
  perform set_config('east_gate.door', 'open', true);
  return query
    select s.organisation_id, s.member_id, m.name, m.licence, o.name, m.scope
    from sessions s
    join members m on m.organisation_id = s.organisation_id and m.id = s.member_id
    join organisations o on o.organisation_id = s.organisation_id
    where s.token_hash = wanted_hash and s.expires_at > now();
  perform set_config('east_gate.door', '', true);
end $$;

do $$
declare
  app text := current_setting('east_gate.app_role');
begin
  revoke execute on function find_session(bytea) from public;
  execute format('grant execute on function find_session(bytea) to %I', app);
end $$;
