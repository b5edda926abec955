-- The order in which entries arrived at an inspection, so that a device asks for what came after what it has; and a
-- word to every process when something did.

alter table entries add column arrival bigint;
do $$
begin
  perform set_config('east_gate.door', 'open', true);
  update entries e set arrival = numbered.arrival
    from (select organisation_id, id,
            row_number() over (partition by organisation_id, inspection_id
              order by received_at, counter, device collate "C", id collate "C") as arrival
          from entries) numbered
    where e.organisation_id = numbered.organisation_id and e.id = numbered.id;
  perform set_config('east_gate.door', '', true);
end $$;
alter table entries alter column arrival set not null;
create unique index entries_as_they_arrived on entries (organisation_id, inspection_id, arrival);

-- Told when it is committed: office and inspection, and nothing of what was recorded.
create function tell_entries()
returns trigger
language plpgsql
set search_path = public, pg_temp
as $$
begin
  perform pg_notify('east_gate_entries', organisation_id || '/' || inspection_id)
    from (select distinct organisation_id, inspection_id from added) changed;
  return null;
end $$;
create trigger entries_told after insert on entries
  referencing new table as added for each statement execute function tell_entries();

-- What was sent of a client who is forgotten is not what it was: it is asked for anew.
create function tell_erasure()
returns trigger
language plpgsql
set search_path = public, pg_temp
as $$
begin
  perform pg_notify('east_gate_entries', new.organisation_id || '/' || new.inspection_id || '/again');
  return null;
end $$;
create trigger erasures_told after insert on erasures for each row execute function tell_erasure();
