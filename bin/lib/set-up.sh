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

# The browser of the journeys and pictures: Debian's, without a window.
chromium=/usr/bin/chromium-headless-shell

digest_of() { sha256sum | cut -c1-16; }

need_modules() {
  local wanted; wanted=$(digest_of < package-lock.json)
  [ "$(cat node_modules/.east-gate-lock 2>/dev/null || true)" = "$wanted" ] && return 0
  say "installing packages (npm ci)"
  npm ci --no-audit --no-fund >&2
  printf '%s' "$wanted" > node_modules/.east-gate-lock
}

# What stays a package of its own: parts in C, and those that find files beside themselves. The same in next.config.ts.
outside=(pdfkit pg pg-boss @node-rs/argon2 yazl yauzl sharp piscina prom-client pino nodemailer)

# bundle OPTION…: programs of TypeScript files. What they use is put into them: hundreds of small files take longer to
# find than to read.
bundle() {
  node_modules/.bin/esbuild "$@" --bundle --platform=node --format=esm "${outside[@]/#/--external:}" \
    --external:next --conditions=react-server --log-level=warning
}

need_build() {
  local wanted
  wanted=$(find src next.config.ts postcss.config.mjs tsconfig.json package-lock.json -type f ! -name '*.test.ts*' -print0 |
    sort -z | xargs -0 sha256sum | digest_of)
  [ "$(cat .next/east-gate-build 2>/dev/null || true)" = "$wanted" ] && return 0
  say "building"
  local log; log=$(mktemp)
  if ! node_modules/.bin/next build >"$log" 2>&1; then cat "$log" >&2; fail "The build failed."; fi
  # What two of them share they read once, and what one needs seldom when it needs it.
  bundle web=src/server/web/serve.ts entries=src/server/web/entries.ts live=src/server/web/live.ts heavy=src/server/heavy/tasks.ts \
    work=src/server/tools/work.ts rejudge=src/server/jobs/rejudge-worker.ts backup=src/server/tools/backup.ts supervise=src/server/run/supervise.ts \
    --splitting --outdir=.next/east-gate --out-extension:.js=.mjs
  script src/server/tools/write-digests.ts .next/east-gate/digests.json
  node_modules/.bin/esbuild src/workers/draft.ts --bundle --minify --format=iife --target=es2022 --log-level=warning \
    --outfile=.next/east-gate/worker/draft.js
  script src/server/tools/write-worker.ts .next/static .next/east-gate/worker/sw.js
  script src/server/tools/compress-statics.ts .next/static
  script src/server/tools/compress-statics.ts .next/east-gate/worker
  rm -f "$log"
  printf '%s' "$wanted" > .next/east-gate-build
}

# In the background: the process itself, so that its id is the one to end. It follows the sources.
script_beside() { export EAST_GATE_HEAVY=here; exec node --disable-warning=ExperimentalWarning --conditions=react-server --import tsx "$@"; }

# program FILE: puts a TypeScript program together; $built is where. Read file by file it takes several times as long.
program() {
  # As deep as where its source stands: it finds the migrations from there.
  built=$root/.build/server/tools/$(basename "$1" .ts).mjs
  # Written beside and moved: another may be reading it.
  (cd "$root" && bundle "$1" --outfile="$built.$$" --packages=external) && mv "$built.$$" "$built"
}

# script FILE ARGUMENT…: runs one.
script() {
  program "$1"
  shift
  EAST_GATE_HEAVY=here node --conditions=react-server "$built" "$@"
}
