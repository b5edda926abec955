# Shared by bin/demo and bin/test: what must be there before anything runs. Sourced, never run.
set -euo pipefail
root=$(cd "$(dirname "${BASH_SOURCE[0]}")/../.." && pwd)
cd "$root"
export NEXT_TELEMETRY_DISABLED=1
export npm_config_loglevel=error

say() { printf '%s\n' "$*" >&2; }
fail() { say "$*"; exit 1; }

as_root() {
  if [ "$(id -u)" = 0 ]; then "$@"
  elif command -v sudo >/dev/null && sudo -n true 2>/dev/null; then sudo -n "$@"
  else return 1; fi
}

# need_package COMMAND-OR-GLOB PACKAGE: installs the Debian package where the file is missing.
need_package() {
  compgen -G "$1" >/dev/null && return 0
  say "installing $2"
  if ! { as_root apt-get update -qq && as_root env DEBIAN_FRONTEND=noninteractive apt-get install -y -qq "$2"; } >/dev/null 2>&1; then
    fail "East Gate needs Debian's package $2. Install it, as root: apt-get install $2"
  fi
}

need_node() {
  command -v node >/dev/null || fail "East Gate needs Node.js 20 or newer: install Debian's package nodejs, or Node.js 20."
  node -e 'process.exit(Number(process.versions.node.split(".")[0]) >= 20 ? 0 : 1)' ||
    fail "East Gate needs Node.js 20 or newer; this is $(node --version)."
}

digest_of() { sha256sum | cut -c1-16; }

need_modules() {
  local wanted; wanted=$(digest_of < package-lock.json)
  [ "$(cat node_modules/.east-gate-lock 2>/dev/null || true)" = "$wanted" ] && return 0
  say "installing packages (npm ci)"
  npm ci --no-audit --no-fund >&2
  printf '%s' "$wanted" > node_modules/.east-gate-lock
}

# bundle FILE INTO [OPTION…]: one program of a TypeScript file; packages stay where they are.
bundle() {
  node_modules/.bin/esbuild "$1" "${@:3}" --bundle --platform=node --format=esm --packages=external \
    --conditions=react-server --outfile="$2" --log-level=warning
}

need_build() {
  local wanted
  wanted=$(find src next.config.ts postcss.config.mjs tsconfig.json package-lock.json -type f ! -name '*.test.ts*' -print0 |
    sort -z | xargs -0 sha256sum | digest_of)
  [ "$(cat .next/east-gate-build 2>/dev/null || true)" = "$wanted" ] && return 0
  say "building"
  local log; log=$(mktemp)
  if ! node_modules/.bin/next build >"$log" 2>&1; then cat "$log" >&2; fail "The build failed."; fi
  # It runs beside the pages, which bring their own rendering: not under the server's condition, though it is one.
  bundle src/server/web/serve.ts .next/east-gate/web.mjs --alias:server-only=./src/server/web/is-a-server.ts
  bundle src/server/web/entries.ts .next/east-gate/entries.mjs --alias:server-only=./src/server/web/is-a-server.ts
  bundle src/server/heavy/tasks.ts .next/east-gate/heavy.mjs
  bundle src/server/tools/work.ts .next/east-gate/work.mjs
  bundle src/server/tools/backup.ts .next/east-gate/backup.mjs
  bundle src/server/run/supervise.ts .next/east-gate/supervise.mjs
  rm -f "$log"
  printf '%s' "$wanted" > .next/east-gate-build
}

# In the background: the process itself, so that its id is the one to end.
script_beside() { export EAST_GATE_HEAVY=here; exec node --disable-warning=ExperimentalWarning --conditions=react-server --import tsx "$@"; }
script() { EAST_GATE_HEAVY=here node --disable-warning=ExperimentalWarning --conditions=react-server --import tsx "$@"; }
