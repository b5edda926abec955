-- The few questions asked before an organisation is known: who signs in, whose session is this,
-- how many attempts were made. Each opens the door for its own run only.

create function find_member_for_sign_in(wanted_email text)
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

create function find_session(wanted_hash bytea)
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
create function count_sign_in_attempt(attempt_key text, window_seconds integer)
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

create function end_session(ended_hash bytea)
returns void
language plpgsql security definer
set search_path = public, pg_temp
as $$
begin
  perform set_config('east_gate.door', 'open', true);
  delete from sessions where token_hash = ended_hash;
  perform set_config('east_gate.door', '', true);
end $$;

-- What the application may do. Entries are append-only.
do $$
declare app text := current_setting('east_gate.app_role');
begin
  execute format('grant usage on schema public to %I', app);
  execute format('grant select on organisations, members to %I', app);
  execute format('grant select, insert on sessions, entries to %I', app);
  execute format('grant select, insert, update on inspections, inspection_states to %I', app);
  execute format('grant select on sign_in_attempts to %I', app);
  execute format('revoke execute on all functions in schema public from public');
  execute format('grant execute on function current_organisation(), door_is_open(), find_member_for_sign_in(text), find_session(bytea), count_sign_in_attempt(text, integer), end_session(bytea) to %I', app);
end $$;
