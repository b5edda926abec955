-- How an office shows itself on its reports. Null: by its name alone.
alter table organisations
  add column letterhead jsonb,
  add column letterhead_version integer not null default 0;

-- Founds the office a link is for, once, with its letterhead.
drop function found_office(bytea, uuid, text, jsonb, text, text, text, text, text);
create function found_office(
  wanted_hash bytea, new_organisation uuid, office_name text, office_settings jsonb,
  member_id text, member_email text, member_name text, member_licence text, member_password_hash text,
  office_letterhead jsonb
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
    insert into organisations (organisation_id, name, settings, letterhead)
      values (new_organisation, office_name, office_settings, office_letterhead);
    insert into members (organisation_id, id, email, name, licence, password_hash)
      values (new_organisation, member_id, member_email, member_name, member_licence, member_password_hash);
    insert into audit_events (organisation_id, member_id, did, about) values (new_organisation, member_id, 'founded', office_name);
  end if;
  perform set_config('east_gate.door', '', true);
  return founded = 1;
end $$;

do $$
declare app text := current_setting('east_gate.app_role');
begin
  revoke execute on function found_office(bytea, uuid, text, jsonb, text, text, text, text, text, jsonb) from public;
  execute format('grant execute on function found_office(bytea, uuid, text, jsonb, text, text, text, text, text, jsonb) to %I', app);
  execute format('grant update (letterhead, letterhead_version) on organisations to %I', app);
end $$;
