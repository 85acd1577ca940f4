# The application's own PostgreSQL cluster, on loopback and a port of its own. DATABASE_URL overrides it.
PG_USER=green_plinth

pg_bin() { local dir; dir=$(ls -d /usr/lib/postgresql/*/bin 2>/dev/null | sort -V | tail -n 1); echo "${dir:+$dir/}$1"; }

# PostgreSQL refuses to run as root: then its programs run as the postgres user, from a folder that user can reach.
pg_run() {
  if [ "$(id -u)" = 0 ]; then (cd / && runuser -u postgres -- "$@"); else "$@"; fi
}

pg_folder() {
  if [ "$(id -u)" != 0 ]; then echo "$VAR/postgres"; return; fi
  local key; key=$(printf '%s' "$ROOT" | sha256sum | cut -c1-12)
  echo "/var/lib/green-plinth/$key"
}

pg_free_port() { ruby -rsocket -e 's = TCPServer.new("127.0.0.1", 0); puts s.addr[1]'; }

# Makes the cluster once, starts it when it is not running, exports DATABASE_URL.
need_database() {
  [ -n "${DATABASE_URL:-}" ] && { say "Using the database of DATABASE_URL"; return; }
  need_packages postgresql libpq-dev
  PG_DIR=$(pg_folder)
  if [ ! -f "$PG_DIR/data/PG_VERSION" ]; then
    say "Making a PostgreSQL cluster in $PG_DIR"
    mkdir -p "$PG_DIR"
    ruby -rsecurerandom -e 'print SecureRandom.hex(24)' >"$PG_DIR/password"
    pg_free_port >"$PG_DIR/port"
    if [ "$(id -u)" = 0 ]; then chmod 755 /var/lib/green-plinth; chown -R postgres:postgres "$PG_DIR"; fi
    chmod 700 "$PG_DIR"; chmod 600 "$PG_DIR/password"
    logged initdb pg_run "$(pg_bin initdb)" -D "$PG_DIR/data" -U "$PG_USER" --pwfile="$PG_DIR/password" --auth=scram-sha-256 -E UTF8 --locale=C.UTF-8 ||
      fail "the database cluster could not be made (see var/log/initdb.log)."
  fi
  if ! pg_run "$(pg_bin pg_ctl)" -D "$PG_DIR/data" status >/dev/null 2>&1; then
    say "Starting PostgreSQL"
    pg_start || { pg_free_port >"$PG_DIR/port"; pg_start; } || { tail -n 20 "$PG_DIR/server.log" >&2; fail "PostgreSQL did not start (see $PG_DIR/server.log)."; }
    PG_STARTED=yes
  fi
  export DATABASE_URL="postgres://$PG_USER:$(cat "$PG_DIR/password")@127.0.0.1:$(cat "$PG_DIR/port")/${PG_DATABASE:-green_plinth}"
}

pg_start() {
  pg_run "$(pg_bin pg_ctl)" -D "$PG_DIR/data" -w -t 60 -l "$PG_DIR/server.log" \
    -o "-p $(cat "$PG_DIR/port") -k $PG_DIR -c listen_addresses=127.0.0.1" start >/dev/null 2>&1
}

# Stops what need_database started, and only that.
stop_database() {
  [ "${PG_STARTED:-}" = yes ] && pg_run "$(pg_bin pg_ctl)" -D "$PG_DIR/data" -m fast stop >/dev/null 2>&1 || true
}
