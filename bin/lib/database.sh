# The application's own PostgreSQL cluster, on loopback and a port of its own. DATABASE_URL overrides it.
PG_USER=green_plinth

pg_bin() { local dir; dir=$(ls -d /usr/lib/postgresql/*/bin 2>/dev/null | sort -V | tail -n 1); echo "${dir:+$dir/}$1"; }

# PostgreSQL refuses to run as root: then its programs run as the postgres user, from a folder that user can reach.
pg_run() {
  if [ "$(id -u)" = 0 ]; then (cd / && runuser -u postgres -- "$@"); else "$@"; fi
}

# Where the cluster lies is written down where the program is, so that a renamed folder finds its data.
pg_folder() {
  if [ "$(id -u)" != 0 ]; then echo "$VAR/postgres"; return; fi
  if [ ! -s "$VAR/cluster" ]; then
    local key; key=$(printf '%s' "$ROOT" | sha256sum | cut -c1-12)
    echo "/var/lib/green-plinth/$key" >"$VAR/cluster"
  fi
  cat "$VAR/cluster"
}

pg_free_port() { ruby -rsocket -e 's = TCPServer.new("127.0.0.1", 0); puts s.addr[1]'; }

# One command at a time makes, starts or stops the cluster.
pg_locked() { local done=0; exec 9>"$VAR/database.lock"; flock 9; "$@" || done=$?; flock -u 9; exec 9>&-; return $done; }

# Makes the cluster once, starts it when it is not running, exports DATABASE_URL.
need_database() {
  [ -n "${DATABASE_URL:-}" ] && { say "Using the database of DATABASE_URL"; return; }
  need_packages postgresql libpq-dev
  PG_DIR=$(pg_folder)
  pg_locked pg_bring_up
  export DATABASE_URL="postgres://$PG_USER:$(cat "$PG_DIR/password")@127.0.0.1:$(cat "$PG_DIR/port")/${PG_DATABASE:-green_plinth}"
}

pg_bring_up() {
  mkdir -p "$PG_DIR" || fail "$PG_DIR cannot be made."
  local free; free=$(df -Pm "$PG_DIR" | awk 'NR == 2 {print $4}')
  [ "$free" -ge 100 ] || fail "the disk is full: $free MB are left where the database lies ($PG_DIR). Make room, then try again."
  [ -f "$PG_DIR/data/PG_VERSION" ] || pg_make
  # Another command that uses it says so by its process, for stop_database.
  mkdir -p "$VAR/users" && : >"$VAR/users/$$"
  pg_forget_foreign
  pg_run "$(pg_bin pg_ctl)" -D "$PG_DIR/data" status >/dev/null 2>&1 && return
  say "Starting PostgreSQL"
  pg_start || { pg_free_port >"$PG_DIR/port"; pg_start; } || { tail -n 5 "$PG_DIR/server.log" >&2; fail "PostgreSQL did not start (see $PG_DIR/server.log)."; }
}

# Beside its place and then into it: one that was cut short is begun anew.
pg_make() {
  say "Making a PostgreSQL cluster in $PG_DIR"
  rm -rf "$PG_DIR/data.part"
  [ ! -e "$PG_DIR/data" ] || mv "$PG_DIR/data" "$PG_DIR/data.unfinished.$(date +%s)"
  ruby -rsecurerandom -e 'print SecureRandom.hex(24)' >"$PG_DIR/password"
  pg_free_port >"$PG_DIR/port"
  if [ "$(id -u)" = 0 ]; then chmod 755 /var/lib/green-plinth; chown -R postgres:postgres "$PG_DIR"; fi
  chmod 700 "$PG_DIR"; chmod 600 "$PG_DIR/password"
  logged initdb pg_run "$(pg_bin initdb)" -D "$PG_DIR/data.part" -U "$PG_USER" --pwfile="$PG_DIR/password" --auth=scram-sha-256 -E UTF8 --locale=C.UTF-8 ||
    fail "the database cluster could not be made (see var/log/initdb.log)."
  mv "$PG_DIR/data.part" "$PG_DIR/data"
}

# A postmaster.pid that names a process which is no longer this cluster's keeps it from starting.
pg_forget_foreign() {
  local pid; pid=$(head -n 1 "$PG_DIR/data/postmaster.pid" 2>/dev/null) || return 0
  [ -n "$pid" ] || return 0
  tr "\0" " " 2>/dev/null <"/proc/$pid/cmdline" | grep -qF -- "$PG_DIR/data" || rm -f "$PG_DIR/data/postmaster.pid"
}

# No socket file: its path has a length that a folder's may exceed.
pg_start() {
  pg_run "$(pg_bin pg_ctl)" -D "$PG_DIR/data" -w -t 60 -l "$PG_DIR/server.log" \
    -o "-p $(cat "$PG_DIR/port") -c unix_socket_directories= -c listen_addresses=127.0.0.1" start >/dev/null 2>&1
}

# Stops the cluster once the last command that uses it ends.
stop_database() { [ -z "${PG_DIR:-}" ] || pg_locked pg_let_go; }

pg_let_go() {
  rm -f "$VAR/users/$$"
  local user
  for user in "$VAR"/users/*; do
    [ -e "$user" ] || continue
    if kill -0 "$(basename "$user")" 2>/dev/null; then return 0; else rm -f "$user"; fi
  done
  pg_run "$(pg_bin pg_ctl)" -D "$PG_DIR/data" -m fast stop >/dev/null 2>&1 || true
}
