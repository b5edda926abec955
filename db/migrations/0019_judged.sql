-- What is known of an inspection from the last time it was judged, so that rules that changed are asked alone.

alter table inspection_states
  -- Its entries put together, as the reader that is named wrote them; null: not kept.
  add column kept text compression lz4,
  add column kept_by text,
  -- What each rule answered, in short, in the order of the registry; null: not kept.
  add column answers text compression lz4,
  -- The book of rules its figures are of; null: one before such was written down.
  add column judged_by text;

-- Books of rules an office was judged by: digests of their code, {reader, grading, rules}, the rules in the order of the registry.
create table rule_books (
  organisation_id uuid not null references organisations,
  book text not null,
  digests json not null,
  at timestamptz not null default now(),
  primary key (organisation_id, book)
);

do $$
declare app text := current_setting('east_gate.app_role');
begin
  alter table rule_books enable row level security;
  alter table rule_books force row level security;
  create policy own_organisation on rule_books using (organisation_id = current_organisation()) with check (organisation_id = current_organisation());
  create policy door on rule_books to current_user using (door_is_open()) with check (door_is_open());
  execute format('grant select, insert on rule_books to %I', app);
end $$;
