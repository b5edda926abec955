-- An organisation changes its own settings; row security keeps it to its own row.
do $$
declare app text := current_setting('east_gate.app_role');
begin
  execute format('grant update (settings) on organisations to %I', app);
end $$;
