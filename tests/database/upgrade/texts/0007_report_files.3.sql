-- PDFs of reports, made by a job; pictures at the size they are printed in; the queue's own schema is
-- made by the queue's package, and what the application may do in it is granted after that.

-- A table of this name, never used, was made by an early form of 0006.
drop table if exists report_files;

create table report_files (
  organisation_id uuid not null,
  -- SHA-256, hex, of what the file is made from: asked for again, it is the same file.
  id text not null check (id ~ '^[0-9a-f]{64}$'),
  inspection_id text not null,
  -- Null: of a draft.
  report_id text,
  audience text not null check (audience in ('client', 'electrician', 'official', 'record')),
  state text not null default 'waiting' check (state in ('waiting', 'making', 'made', 'failed')),
  step integer not null default 0,
  steps integer not null default 0,
  fault text not null default '',
  bytes bytea,
  asked_at timestamptz not null default now(),
  made_at timestamptz,
  primary key (organisation_id, id),
  foreign key (organisation_id, inspection_id) references inspections,
  foreign key (organisation_id, report_id) references issued_reports,
  check ((state = 'made') = (bytes is not null))
);
create index report_files_of on report_files (organisation_id, inspection_id, audience);

create table printed_pictures (
  organisation_id uuid not null,
  digest text not null,
  width integer not null check (width > 0),
  height integer not null check (height > 0),
  bytes bytea not null,
  primary key (organisation_id, digest),
  foreign key (organisation_id, digest) references pictures
);

-- Zips, PDFs and JPEGs do not get smaller: they are kept as they are.
alter table report_files alter column bytes set storage external;
alter table printed_pictures alter column bytes set storage external;
alter table pictures alter column bytes set storage external;

do $$
declare
  name text;
  app text := current_setting('east_gate.app_role');
begin
  foreach name in array array['report_files', 'printed_pictures'] loop
    execute format('alter table %I enable row level security', name);
    execute format('alter table %I force row level security', name);
    execute format('create policy own_organisation on %I using (organisation_id = current_organisation()) with check (organisation_id = current_organisation())', name);
    execute format('create policy door on %I to current_user using (door_is_open()) with check (door_is_open())', name);
    execute format('grant select, insert on %I to %I', name, app);
  end loop;
  -- A file is made, made again, and of drafts no longer wanted taken away.
  execute format('grant update, delete on report_files to %I', app);
end $$;
