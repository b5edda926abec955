-- Attempts are dropped by age alone: what one asks within a quarter of an hour another counts over an hour.

create or replace function count_sign_in_attempt(attempt_key text, window_seconds integer)
returns integer
language plpgsql security definer
set search_path = public, pg_temp
as $$
declare made integer;
begin
  perform set_config('east_gate.door', 'open', true);
  delete from sign_in_attempts where key = attempt_key and at < now() - make_interval(secs => window_seconds);
  insert into sign_in_attempts (key) values (attempt_key);
  select count(*)::integer into made from sign_in_attempts
  where key = attempt_key and at >= now() - make_interval(secs => window_seconds);
  perform set_config('east_gate.door', '', true);
  return made;
end $$;

-- What is past: sessions, attempts, challenges, devices, resets and invites; gives how many sessions.
create or replace function drop_what_expired()
returns integer
language plpgsql security definer
set search_path = public, pg_temp
as $$
declare dropped integer;
begin
  perform set_config('east_gate.door', 'open', true);
  delete from sessions where expires_at < now();
  get diagnostics dropped = row_count;
  delete from sign_in_attempts where at < now() - interval '1 day';
  delete from passkey_challenges where made_at < now() - interval '5 minutes';
  delete from known_devices where used_at < now() - interval '400 days';
  delete from password_resets where made_at < now() - interval '2 days';
  -- Of who never came the address is nobody's business any more.
  delete from invites where made_at < now() - interval '30 days';
  perform set_config('east_gate.door', '', true);
  return dropped;
end $$;
