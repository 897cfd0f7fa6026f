#!/usr/bin/env bash
# The project's own MariaDB: on loopback, with its data under .data. usage: db.sh install|init|start|stop|kill9|status
set -euo pipefail
cd "$(dirname "$0")/.."
ROOT="${NINE_POURS_DATA:-$PWD/.data}"
DATA="$ROOT/mariadb"
RUN="$ROOT/run"
SOCK="$RUN/db.sock"
PIDF="$RUN/db.pid"
# A Unix socket's path holds about 107 bytes.
[ ${#SOCK} -gt 100 ] && SOCK="/tmp/nine-pours-$(printf '%s' "$ROOT" | sha1sum | cut -c1-12).sock"
PORT="${DB_PORT:-33906}"
OSUSER="$(id -un)"
say() { printf '%s\n' "$*" >&2; }
ready() { mariadb-admin --no-defaults --socket="$SOCK" -u root ping >/dev/null 2>&1; }
listening() { (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

case "${1:-}" in
  install)
    command -v mariadbd >/dev/null 2>&1 && exit 0
    if [ "$(id -u)" != 0 ] || ! command -v apt-get >/dev/null 2>&1; then
      say "MariaDB is not installed and cannot be installed from here (needs root and Debian's apt-get)."
      say "Fix: run once as root 'apt-get install mariadb-server', or set DATABASE_URL to a MariaDB that you have."
      exit 1
    fi
    say "Installing MariaDB from Debian's packages ..."
    mkdir -p "$ROOT"
    { apt-get update -qq && DEBIAN_FRONTEND=noninteractive apt-get install -y -qq mariadb-server; } >"$ROOT/apt.log" 2>&1 || {
      say "Installing MariaDB failed; the last lines of $ROOT/apt.log:"
      tail -n 5 "$ROOT/apt.log" >&2
      exit 1
    }
    ;;
  init)
    mkdir -p "$RUN"
    [ -d "$DATA/mysql" ] && [ -f "$DATA/nine-pours.ready" ] && exit 0
    if [ -e "$DATA" ]; then
      say "The database folder $DATA is half made or not ours (its mark nine-pours.ready is missing)."
      say "Fix: look whether it holds anything you need, then move it away: mv '$DATA' '$DATA.old' - and start again."
      exit 1
    fi
    # Made beside and renamed when whole, so that a start that is cut off leaves no half-made folder behind.
    rm -rf "$DATA.new"
    mkdir -p "$DATA.new"
    mariadb-install-db --no-defaults --user="$OSUSER" --datadir="$DATA.new" \
      --auth-root-authentication-method=socket --skip-test-db >"$ROOT/init.log" 2>&1 || {
      say "Making the database folder failed; the last lines of $ROOT/init.log:"
      tail -n 5 "$ROOT/init.log" >&2
      exit 1
    }
    touch "$DATA.new/nine-pours.ready"
    mv "$DATA.new" "$DATA"
    ;;
  start)
    ready && exit 0
    mkdir -p "$RUN"
    if listening "$PORT"; then
      say "Port $PORT on 127.0.0.1 is taken, so the database cannot listen there."
      say "Fix: stop what uses it, or choose another: DB_PORT=33907 ./start"
      exit 1
    fi
    setsid mariadbd --no-defaults --user="$OSUSER" --datadir="$DATA" --socket="$SOCK" --pid-file="$PIDF" \
      --bind-address=127.0.0.1 --port="$PORT" --skip-name-resolve --skip-log-bin \
      --character-set-server=utf8mb4 --collation-server=utf8mb4_unicode_ci \
      --innodb-flush-log-at-trx-commit=1 --innodb-buffer-pool-size=128M --max-connections=60 \
      --default-time-zone=+00:00 \
      --sql-mode=STRICT_TRANS_TABLES,ERROR_FOR_DIVISION_BY_ZERO,NO_ENGINE_SUBSTITUTION,ONLY_FULL_GROUP_BY \
      --log-error="$ROOT/mariadb.err" </dev/null >/dev/null 2>&1 &
    for _ in $(seq 400); do
      ready && break
      sleep 0.05
    done
    ready || {
      say "MariaDB did not come up within 20 s; the last lines of $ROOT/mariadb.err:"
      tail -n 8 "$ROOT/mariadb.err" >&2
      exit 1
    }
    mariadb --no-defaults --socket="$SOCK" -u root <<SQL
CREATE DATABASE IF NOT EXISTS nine_pours CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;
CREATE DATABASE IF NOT EXISTS nine_pours_test CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;
CREATE USER IF NOT EXISTS 'nine_pours'@'127.0.0.1' IDENTIFIED BY 'nine-pours';
GRANT ALL ON nine_pours.* TO 'nine_pours'@'127.0.0.1';
GRANT ALL ON \`nine\_pours\_test%\`.* TO 'nine_pours'@'127.0.0.1';
SQL
    ;;
  stop) ready && mariadb-admin --no-defaults --socket="$SOCK" -u root shutdown ;;
  kill9) kill -9 "$(cat "$PIDF")" ;;
  status) ready && echo up || echo down ;;
  *)
    say "usage: $0 install|init|start|stop|kill9|status"
    exit 2
    ;;
esac
