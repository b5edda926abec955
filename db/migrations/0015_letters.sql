-- Letters that are sent for earnest: what became of each, told to whoever manages the office.

alter table mailbox
  add column html text not null default '',
  add column kind text not null default 'report' check (kind in ('report', 'invite', 'reset', 'trial')),
  -- Kept: nothing is sent from here, it can be read in the mailbox. Perhaps: whether it arrived cannot be known.
  add column state text not null default 'kept' check (state in ('kept', 'waiting', 'sending', 'sent', 'perhaps', 'failed')),
  add column attempts integer not null default 0,
  add column fault text not null default '' check (length(fault) <= 500),
  add column ended_at timestamptz;

do $$
declare app text := current_setting('east_gate.app_role');
begin
  -- A letter that is sent is emptied: the links in it are its reader's.
  execute format('grant update (state, attempts, fault, ended_at, body, html) on mailbox to %I', app);
end $$;
