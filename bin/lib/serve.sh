# A server and its worker on loopback, ended together. Sourced after postgres.sh.

# need_port: PORT, or 3000, where nothing uses it.
need_port() {
  port=${PORT:-3000}
  node -e '
const port = Number(process.argv[1]);
if (!Number.isInteger(port) || port < 1 || port > 65535) { console.error(`PORT is ${process.argv[1]}: expected 1 to 65535.`); process.exit(1); }
const s = require("net").createServer();
s.once("error", () => { console.error(`Port ${port} is in use. Stop what uses it, or choose another: PORT=3001`); process.exit(1); });
s.listen(port, "127.0.0.1", () => s.close());
' "$port"
}

server=
worker=
stop() {
  trap - EXIT INT TERM
  [ -z "$worker" ] || { kill "$worker" 2>/dev/null || true; wait "$worker" 2>/dev/null || true; }
  [ -z "$server" ] || { kill "$server" 2>/dev/null || true; wait "$server" 2>/dev/null || true; }
  stop_postgres
  exit "${1:-0}"
}
stop_at_the_end() {
  trap 'stop $?' EXIT
  trap 'stop 0' INT TERM
}

# until_ready LOG: waits until the server answers, says so, and stays with it.
until_ready() {
  for _ in $(seq 1 300); do
    if node -e 'fetch(process.argv[1]).then((r)=>process.exit(r.ok?0:1),()=>process.exit(1))' "http://127.0.0.1:$port/sign-in" 2>/dev/null; then
      echo "ready: http://127.0.0.1:$port"
      wait "$server"
      fail "The server ended: see $1"
    fi
    kill -0 "$server" 2>/dev/null || { tail -20 "$1" >&2; fail "The server did not start."; }
    sleep 0.2
  done
  fail "The server did not answer: see $1"
}
