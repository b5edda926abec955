-- People of an office: what each may do, since when he may no more, how long his licence runs; how one is
-- invited, gets a new password, signs in by a passkey; which sessions are open; and who did what.

alter table members
  -- Of record, overrule, issue, people, library. Whoever was here before may do all.
  add column may text[] not null default array['record', 'overrule', 'issue', 'people', 'library']
    check (may <@ array['record', 'overrule', 'issue', 'people', 'library']),
  -- Null: not said.
  add column licence_expires date,
  -- Null: works here.
  add column deactivated_at timestamptz,
  add column joined_at timestamptz not null default now();

-- Whose draft it is: handed over when he leaves. Null: whoever began it.
alter table inspections add column in_hand_of text;

alter table sessions
  add column id text not null default replace(gen_random_uuid()::text, '-', ''),
  add column used_at timestamptz not null default now(),
  -- "Chromium on Linux": as the browser calls itself.
  add column device text not null default '' check (length(device) <= 100);
create unique index sessions_id on sessions (organisation_id, id);

create table invites (
  organisation_id uuid not null references organisations,
  id text not null check (id ~ '^[A-Za-z0-9_-]{1,64}$'),
  token_hash bytea not null,
  email text not null,
  may text[] not null check (may <@ array['record', 'overrule', 'issue', 'people', 'library']),
  invited_by text not null,
  made_at timestamptz not null default now(),
  used_at timestamptz,
  revoked_at timestamptz,
  primary key (organisation_id, id),
  foreign key (organisation_id, invited_by) references members
);
create unique index invites_token on invites (token_hash);

create table password_resets (
  organisation_id uuid not null,
  token_hash bytea not null,
  member_id text not null,
  -- Null: asked for by whoever knows the address; goes to it by letter.
  made_by text,
  made_at timestamptz not null default now(),
  used_at timestamptz,
  primary key (organisation_id, token_hash),
  foreign key (organisation_id, member_id) references members
);
create unique index password_resets_token on password_resets (token_hash);

create table passkeys (
  organisation_id uuid not null,
  -- Base64url, as the authenticator names it.
  credential_id text not null check (length(credential_id) between 1 and 1400),
  member_id text not null,
  public_key bytea not null,
  counter bigint not null,
  transports text[] not null,
  name text not null check (length(name) between 1 and 100),
  made_at timestamptz not null default now(),
  used_at timestamptz,
  primary key (organisation_id, credential_id),
  foreign key (organisation_id, member_id) references members
);
create unique index passkeys_credential on passkeys (credential_id);

-- What an authenticator is asked to sign, once, within five minutes.
create table passkey_challenges (
  organisation_id uuid,
  challenge_hash bytea primary key,
  -- Whose passkey is being added; null: somebody signs in.
  member_id text,
  made_at timestamptz not null default now()
);

create table audit_events (
  organisation_id uuid not null references organisations,
  number bigint generated always as identity,
  at timestamptz not null default now(),
  -- Null: nobody was signed in.
  member_id text,
  did text not null check (did ~ '^[a-z-]{1,40}$'),
  about text not null default '' check (length(about) <= 200),
  primary key (organisation_id, number)
);

do $$
declare
  name text;
  app text := current_setting('east_gate.app_role');
begin
  foreach name in array array['invites', 'password_resets', 'passkeys', 'passkey_challenges', 'audit_events'] loop
    execute format('alter table %I enable row level security', name);
    execute format('alter table %I force row level security', name);
    execute format('create policy own_organisation on %I using (organisation_id = current_organisation()) with check (organisation_id = current_organisation())', name);
    execute format('create policy door on %I to current_user using (door_is_open()) with check (door_is_open())', name);
    execute format('grant select, insert on %I to %I', name, app);
  end loop;
  execute format('grant update (name, licence, licence_expires, scope, may, deactivated_at, password_hash) on members to %I', app);
  execute format('grant update (in_hand_of) on inspections to %I', app);
  execute format('grant delete on sessions, passkeys to %I', app);
  execute format('grant update (revoked_at) on invites to %I', app);
  execute format('grant update (counter, used_at) on passkeys to %I', app);
end $$;

drop function find_member_for_sign_in(text);
create function find_member_for_sign_in(wanted_email text)
returns table (organisation_id uuid, member_id text, password_hash text)
language plpgsql security definer
set search_path = public, pg_temp
as $$
begin
  perform set_config('east_gate.door', 'open', true);
  return query
    select m.organisation_id, m.id, m.password_hash from members m
    where lower(m.email) = lower(wanted_email) and m.deactivated_at is null;
  perform set_config('east_gate.door', '', true);
end $$;

-- Whose session is this. Used, it runs on for so many days, never past ninety from its sign-in; written once
-- an hour at most.
drop function find_session(bytea);
create function find_session(wanted_hash bytea, idle_days integer)
returns table (
  organisation_id uuid, member_id text, name text, licence text, licence_expires date, organisation text,
  scope text, may text[], session_id text
)
language plpgsql security definer
set search_path = public, pg_temp
as $$
begin
  perform set_config('east_gate.door', 'open', true);
  update sessions s
    set used_at = now(), expires_at = least(now() + make_interval(days => idle_days), s.created_at + interval '90 days')
    where s.token_hash = wanted_hash and s.expires_at > now() and s.used_at < now() - interval '1 hour';
  return query
    select s.organisation_id, s.member_id, m.name, m.licence, m.licence_expires, o.name, m.scope, m.may, s.id
    from sessions s
    join members m on m.organisation_id = s.organisation_id and m.id = s.member_id
    join organisations o on o.organisation_id = s.organisation_id
    where s.token_hash = wanted_hash and s.expires_at > now() and m.deactivated_at is null;
  perform set_config('east_gate.door', '', true);
end $$;

-- Sessions and attempts that are past; gives how many sessions.
create function drop_what_expired()
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
  perform set_config('east_gate.door', '', true);
  return dropped;
end $$;

create function find_invite(wanted_hash bytea)
returns table (organisation text, email text, invited_by text)
language plpgsql security definer
set search_path = public, pg_temp
as $$
begin
  perform set_config('east_gate.door', 'open', true);
  return query
    select o.name, i.email, m.name from invites i
    join organisations o on o.organisation_id = i.organisation_id
    join members m on m.organisation_id = i.organisation_id and m.id = i.invited_by
    where i.token_hash = wanted_hash and i.used_at is null and i.revoked_at is null
      and i.made_at > now() - interval '7 days';
  perform set_config('east_gate.door', '', true);
end $$;

-- Makes a member of whoever was invited, once.
create function accept_invite(
  wanted_hash bytea, new_member text, member_name text, member_licence text, member_licence_expires date,
  member_password_hash text
)
returns boolean
language plpgsql security definer
set search_path = public, pg_temp
as $$
declare invited invites;
begin
  perform set_config('east_gate.door', 'open', true);
  update invites i set used_at = now()
    where i.token_hash = wanted_hash and i.used_at is null and i.revoked_at is null
      and i.made_at > now() - interval '7 days'
    returning * into invited;
  if invited.id is not null then
    insert into members (organisation_id, id, email, name, licence, licence_expires, password_hash, may)
      values (invited.organisation_id, new_member, invited.email, member_name, member_licence,
        member_licence_expires, member_password_hash, invited.may);
    insert into audit_events (organisation_id, member_id, did, about)
      values (invited.organisation_id, new_member, 'joined', member_name);
  end if;
  perform set_config('east_gate.door', '', true);
  return invited.id is not null;
end $$;

-- Puts down that a member of this address wants a new password; nothing where nobody has it.
create function begin_reset(wanted_email text, wanted_hash bytea)
returns table (organisation_id uuid, organisation text, member_id text, name text)
language plpgsql security definer
set search_path = public, pg_temp
as $$
begin
  perform set_config('east_gate.door', 'open', true);
  insert into password_resets (organisation_id, token_hash, member_id)
    select m.organisation_id, wanted_hash, m.id from members m
    where lower(m.email) = lower(wanted_email) and m.deactivated_at is null;
  return query
    select m.organisation_id, o.name, m.id, m.name from members m
    join organisations o on o.organisation_id = m.organisation_id
    where lower(m.email) = lower(wanted_email) and m.deactivated_at is null;
  perform set_config('east_gate.door', '', true);
end $$;

create function find_reset(wanted_hash bytea)
returns table (name text, email text)
language plpgsql security definer
set search_path = public, pg_temp
as $$
begin
  perform set_config('east_gate.door', 'open', true);
  return query
    select m.name, m.email from password_resets r
    join members m on m.organisation_id = r.organisation_id and m.id = r.member_id
    where r.token_hash = wanted_hash and r.used_at is null and m.deactivated_at is null
      and r.made_at > now() - interval '24 hours';
  perform set_config('east_gate.door', '', true);
end $$;

-- A new password by a link, once: every session and every other link of the member ends.
create function use_reset(wanted_hash bytea, new_password_hash text)
returns boolean
language plpgsql security definer
set search_path = public, pg_temp
as $$
declare used password_resets;
begin
  perform set_config('east_gate.door', 'open', true);
  update password_resets r set used_at = now()
    where r.token_hash = wanted_hash and r.used_at is null and r.made_at > now() - interval '24 hours'
      and exists (select 1 from members m where m.organisation_id = r.organisation_id and m.id = r.member_id
        and m.deactivated_at is null)
    returning * into used;
  if used.member_id is not null then
    update members m set password_hash = new_password_hash
      where m.organisation_id = used.organisation_id and m.id = used.member_id;
    update password_resets r set used_at = now()
      where r.organisation_id = used.organisation_id and r.member_id = used.member_id and r.used_at is null;
    delete from sessions s where s.organisation_id = used.organisation_id and s.member_id = used.member_id;
    insert into audit_events (organisation_id, member_id, did)
      values (used.organisation_id, used.member_id, 'password-reset');
  end if;
  perform set_config('east_gate.door', '', true);
  return used.member_id is not null;
end $$;

create function find_passkey(wanted_id text)
returns table (organisation_id uuid, member_id text, public_key bytea, counter bigint, transports text[])
language plpgsql security definer
set search_path = public, pg_temp
as $$
begin
  perform set_config('east_gate.door', 'open', true);
  return query
    select p.organisation_id, p.member_id, p.public_key, p.counter, p.transports from passkeys p
    join members m on m.organisation_id = p.organisation_id and m.id = p.member_id
    where p.credential_id = wanted_id and m.deactivated_at is null;
  perform set_config('east_gate.door', '', true);
end $$;

create function put_challenge(new_hash bytea, for_organisation uuid, for_member text)
returns void
language plpgsql security definer
set search_path = public, pg_temp
as $$
begin
  perform set_config('east_gate.door', 'open', true);
  delete from passkey_challenges where made_at < now() - interval '5 minutes';
  insert into passkey_challenges (organisation_id, challenge_hash, member_id)
    values (for_organisation, new_hash, for_member);
  perform set_config('east_gate.door', '', true);
end $$;

-- Takes a challenge, once: false where it is none, too old, or another's.
create function take_challenge(wanted_hash bytea, for_organisation uuid, for_member text)
returns boolean
language plpgsql security definer
set search_path = public, pg_temp
as $$
declare taken integer;
begin
  perform set_config('east_gate.door', 'open', true);
  delete from passkey_challenges c
    where c.challenge_hash = wanted_hash and c.made_at > now() - interval '5 minutes'
      and c.organisation_id is not distinct from for_organisation and c.member_id is not distinct from for_member;
  get diagnostics taken = row_count;
  perform set_config('east_gate.door', '', true);
  return taken = 1;
end $$;

-- Newest migration that ran: whether the program and its database are of one age.
create function newest_migration()
returns text
language plpgsql stable security definer
set search_path = public, pg_temp
as $$
declare newest text;
begin
  select name into newest from schema_migrations order by number desc limit 1;
  return newest;
end $$;

do $$
declare
  name text;
  app text := current_setting('east_gate.app_role');
begin
  foreach name in array array[
    'newest_migration()', 'find_member_for_sign_in(text)', 'find_session(bytea, integer)', 'drop_what_expired()', 'find_invite(bytea)',
    'accept_invite(bytea, text, text, text, date, text)', 'begin_reset(text, bytea)', 'find_reset(bytea)',
    'use_reset(bytea, text)', 'find_passkey(text)', 'put_challenge(bytea, uuid, text)',
    'take_challenge(bytea, uuid, text)'
  ] loop
    execute format('revoke execute on function %s from public', name);
    execute format('grant execute on function %s to %I', name, app);
  end loop;
end $$;
