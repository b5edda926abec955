-- Three of the first migrations were edited after they had run somewhere. Whatever text of them a database
-- saw, from here on all have one schema. Source of the functions: 0003 in its last form.

create or replace function find_member_for_sign_in(wanted_email text)
returns table (organisation_id uuid, member_id text, password_hash text)
language plpgsql security definer
set search_path = public, pg_temp
as $$
begin
  perform set_config('east_gate.door', 'open', true);
  return query
    select m.organisation_id, m.id, m.password_hash from members m where lower(m.email) = lower(wanted_email);
  perform set_config('east_gate.door', '', true);
end $$;

create or replace function find_session(wanted_hash bytea)
returns table (organisation_id uuid, member_id text, name text, licence text, organisation text)
language plpgsql security definer
set search_path = public, pg_temp
as $$
begin
  perform set_config('east_gate.door', 'open', true);
  return query
    select s.organisation_id, s.member_id, m.name, m.licence, o.name
    from sessions s
    join members m on m.organisation_id = s.organisation_id and m.id = s.member_id
    join organisations o on o.organisation_id = s.organisation_id
    where s.token_hash = wanted_hash and s.expires_at > now();
  perform set_config('east_gate.door', '', true);
end $$;

-- Writes the attempt and tells how many this key made within the window, this one among them.
create or replace function count_sign_in_attempt(attempt_key text, window_seconds integer)
returns integer
language plpgsql security definer
set search_path = public, pg_temp
as $$
declare made integer;
begin
  perform set_config('east_gate.door', 'open', true);
  delete from sign_in_attempts where at < now() - make_interval(secs => window_seconds);
  insert into sign_in_attempts (key) values (attempt_key);
  select count(*)::integer into made from sign_in_attempts
  where key = attempt_key and at >= now() - make_interval(secs => window_seconds);
  perform set_config('east_gate.door', '', true);
  return made;
end $$;

-- A right password clears the address's count.
create or replace function forget_sign_in_attempts(attempt_key text)
returns void
language plpgsql security definer
set search_path = public, pg_temp
as $$
begin
  perform set_config('east_gate.door', 'open', true);
  delete from sign_in_attempts where key = attempt_key;
  perform set_config('east_gate.door', '', true);
end $$;

create or replace function end_session(ended_hash bytea)
returns void
language plpgsql security definer
set search_path = public, pg_temp
as $$
begin
  perform set_config('east_gate.door', 'open', true);
  delete from sessions where token_hash = ended_hash;
  perform set_config('east_gate.door', '', true);
end $$;

do $$
declare
  app text := current_setting('east_gate.app_role');
begin
  revoke execute on function forget_sign_in_attempts(text) from public;
  execute format('grant execute on function forget_sign_in_attempts(text) to %I', app);
  -- What stood before reports were searched has its dangers counted and can be found.
  perform set_config('east_gate.door', 'open', true);
  update inspection_states
    set danger_open = coalesce((findings ->> 'danger')::integer, 0), words = concat_ws(' ', place, address)
    where words = '';
  perform set_config('east_gate.door', '', true);
end $$;

-- Zips, PDFs and JPEGs do not get smaller: they are kept as they are.
alter table report_files alter column bytes set storage external;
alter table printed_pictures alter column bytes set storage external;
alter table pictures alter column bytes set storage external;
