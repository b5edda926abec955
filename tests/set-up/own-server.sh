#!/usr/bin/env bash
# A database, pages and a PDF maker of a test’s own, kept running as in bin/demo. PORT and EAST_GATE_DATA are
# given; where the database is is written to $EAST_GATE_DATA/urls.
. "$(dirname "$0")/../../bin/lib/set-up.sh"
. "$root/bin/lib/postgres.sh"
. "$root/bin/lib/serve.sh"
unset DATABASE_URL DATABASE_OWNER_URL
need_port
stop_at_the_end
rm -rf "$(pg_folder standing)" "$root/.data/standing.env"
# Commits are written out before they are acknowledged, as in earnest; they need not outlast the machine.
start_postgres standing -c fsync=off
mkdir -p "$EAST_GATE_DATA"
printf '%s\n' "$DATABASE_URL" "$DATABASE_OWNER_URL" "$pg_data/postmaster.pid" > "$EAST_GATE_DATA/urls"
script src/server/tools/prepare.ts
EAST_GATE_DEMO=1 node .next/east-gate/supervise.mjs &
server=$!
until_ready "$EAST_GATE_DATA/log/web.log"
