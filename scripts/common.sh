# Shared by ./start and ./test: what a fresh machine needs. Sourced from the project's root.
DATA_ROOT="${NINE_POURS_DATA:-$PWD/.data}"
mkdir -p "$DATA_ROOT"
export NEXT_TELEMETRY_DISABLED=1

# One plain message with its repair, and out.
fail() {
  printf '%s\nFix: %s.\n' "$1" "$2" >&2
  exit 1
}

taken() { (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

need_node() {
  command -v node >/dev/null 2>&1 || fail "Node.js is not installed." "install Node.js 20.19 or later, below 21"
  node -e 'const [a, b] = process.versions.node.split(".").map(Number); process.exit(a === 20 && b >= 19 ? 0 : 1)' ||
    fail "Node.js $(node -v) is not the version this build runs on." "install Node.js 20.19 or later, below 21"
}

# Packages as the lock names them; installed again only when the lock has changed.
need_modules() {
  local want
  want="$(sha1sum <package-lock.json)"
  [ "$(cat node_modules/.nine-pours-lock 2>/dev/null)" = "$want" ] && return 0
  echo "Installing packages (about a minute) ..."
  npm ci --ignore-scripts --no-audit --no-fund >"$DATA_ROOT/npm.log" 2>&1 || {
    tail -n 8 "$DATA_ROOT/npm.log" >&2
    fail "The packages could not be installed (log: $DATA_ROOT/npm.log)." "check that the package registry can be reached and the disk has 1 GB free"
  }
  printf '%s' "$want" >node_modules/.nine-pours-lock
}

sources_hash() {
  find src scripts/bundle-jobs.mjs scripts/compress.mjs package-lock.json next.config.ts tsconfig.json -type f | LC_ALL=C sort | xargs sha1sum | sha1sum
}

# A production build of the sources as they are.
need_build() {
  local want
  want="$(sources_hash)"
  [ -f .next/BUILD_ID ] && [ -f .next-jobs/worker.mjs ] && [ "$(cat .next/nine-pours-sources 2>/dev/null)" = "$want" ] && return 0
  echo "Building (about a minute) ..."
  { node scripts/bundle-jobs.mjs && NINE_POURS_TYPES=checked-elsewhere node node_modules/next/dist/bin/next build && node scripts/compress.mjs; } >"$DATA_ROOT/build.log" 2>&1 || {
    tail -n 20 "$DATA_ROOT/build.log" >&2
    fail "The build failed (log: $DATA_ROOT/build.log)." "repair what the lines above name"
  }
  printf '%s' "$want" >.next/nine-pours-sources
}
