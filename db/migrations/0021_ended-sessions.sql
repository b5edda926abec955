-- Sessions that somebody ended before their time: of a device that is lost. It is told so when it next asks, and
-- clears away what it kept. No session is longer than ninety days, so neither is this known.

create table ended_sessions (
  token_hash bytea primary key,
  at timestamptz not null default now()
);
create index ended_sessions_at on ended_sessions (at);

alter table ended_sessions enable row level security;
alter table ended_sessions force row level security;
create policy door on ended_sessions to current_user using (door_is_open()) with check (door_is_open());

create function note_ended_session()
returns trigger
language plpgsql security definer
set search_path = public, pg_temp
as $$
declare door text := current_setting('east_gate.door', true);
begin
  perform set_config('east_gate.door', 'open', true);
  insert into ended_sessions (token_hash) values (old.token_hash) on conflict do nothing;
  delete from ended_sessions where at < now() - interval '90 days';
  perform set_config('east_gate.door', coalesce(door, ''), true);
  return null;
end $$;

create trigger sessions_ended after delete on sessions
  for each row when (old.expires_at > now()) execute function note_ended_session();

create function session_was_ended(wanted_hash bytea)
returns boolean
language plpgsql security definer
set search_path = public, pg_temp
as $$
declare was boolean;
begin
  perform set_config('east_gate.door', 'open', true);
  select exists (select 1 from ended_sessions where token_hash = wanted_hash) into was;
  perform set_config('east_gate.door', '', true);
  return was;
end $$;

do $$
declare app text := current_setting('east_gate.app_role');
begin
  revoke execute on function session_was_ended(bytea), note_ended_session() from public;
  execute format('grant execute on function session_was_ended(bytea) to %I', app);
end $$;
