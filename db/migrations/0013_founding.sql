-- An office is founded by whoever has the one-time link the first start prints.

create table foundings (
  organisation_id uuid,
  -- SHA-256 of the link's token.
  token_hash bytea primary key,
  made_at timestamptz not null default now(),
  used_at timestamptz
);

-- Before an organisation is known: whether a link may still be used.
create function is_founding_open(wanted_hash bytea)
returns boolean
language plpgsql security definer
set search_path = public, pg_temp
as $$
declare open boolean;
begin
  perform set_config('east_gate.door', 'open', true);
  select exists (
    select 1 from foundings where token_hash = wanted_hash and used_at is null and made_at > now() - interval '7 days'
  ) into open;
  perform set_config('east_gate.door', '', true);
  return open;
end $$;

-- Founds the office a link is for, once: the office, its settings and its first member. False where the link
-- is used, too old or none.
create function found_office(
  wanted_hash bytea, new_organisation uuid, office_name text, office_settings jsonb,
  member_id text, member_email text, member_name text, member_licence text, member_password_hash text
)
returns boolean
language plpgsql security definer
set search_path = public, pg_temp
as $$
declare founded integer;
begin
  perform set_config('east_gate.door', 'open', true);
  update foundings set used_at = now(), organisation_id = new_organisation
    where token_hash = wanted_hash and used_at is null and made_at > now() - interval '7 days';
  get diagnostics founded = row_count;
  if founded = 1 then
    insert into organisations (organisation_id, name, settings) values (new_organisation, office_name, office_settings);
    insert into members (organisation_id, id, email, name, licence, password_hash)
      values (new_organisation, member_id, member_email, member_name, member_licence, member_password_hash);
  end if;
  perform set_config('east_gate.door', '', true);
  return founded = 1;
end $$;

do $$
declare app text := current_setting('east_gate.app_role');
begin
  alter table foundings enable row level security;
  alter table foundings force row level security;
  create policy own_organisation on foundings using (organisation_id = current_organisation()) with check (organisation_id = current_organisation());
  create policy door on foundings to current_user using (door_is_open()) with check (door_is_open());
  execute format('grant select on foundings to %I', app);
  revoke execute on function is_founding_open(bytea) from public;
  revoke execute on function found_office(bytea, uuid, text, jsonb, text, text, text, text, text) from public;
  execute format('grant execute on function is_founding_open(bytea) to %I', app);
  execute format('grant execute on function found_office(bytea, uuid, text, jsonb, text, text, text, text, text) to %I', app);
end $$;
