# Our own PostgreSQL cluster on loopback, in a folder of the project. Sourced, not run.
#
#   DIR/data      the cluster; at first made under DIR/unfinished, so that it is whole or not there
#   DIR/password  of the role pelluna, readable by its owner only
#   DIR/server.log

# The newest server's programs. The client's package makes the same folder, without a server in it.
postgres_bin() {
  local initdb
  initdb="$(ls /usr/lib/postgresql/*/bin/initdb 2>/dev/null | sort -V | tail -1 || true)"
  [ -z "$initdb" ] || dirname "$initdb"
}

# PostgreSQL refuses to run as root; root hands its folders to the account postgres.
as_postgres() {
  if [ "$(id -u)" = 0 ]; then
    (cd / && setpriv --reuid=postgres --regid=postgres --init-groups --inh-caps=-all --reset-env -- "$@")
  else
    "$@"
  fi
}

# Whether the noted server has ended without the system having cleared its process away. pg_ctl takes that for running.
postgres_zombie() {
  local pid
  pid="$(as_postgres head -1 "$1/data/postmaster.pid" 2>/dev/null)" && grep -qs '^State:[[:space:]]*Z' "/proc/$pid/status"
}

postgres_running() {
  [ -d "$1/data" ] && ! postgres_zombie "$1" && as_postgres "$(postgres_bin)/pg_ctl" -D "$1/data" status >/dev/null 2>&1
}

# After a killed server: waits until none of its helpers works in the data folder any more, then lifts its note.
postgres_clear_zombie() {
  local data here process
  data="$(readlink -f "$1/data")"
  for _ in $(seq 1 50); do
    here=
    for process in /proc/[0-9]*; do
      [ "$(readlink "$process/cwd" 2>/dev/null || true)" != "$data" ] || here=yes
    done
    [ -n "$here" ] || break
    sleep 0.2
  done
  [ -z "$here" ] || die "processes of a killed database server still work in $1/data; end them, then try again."
  as_postgres rm -f "$1/data/postmaster.pid"
}

postgres_port() { as_postgres sed -n 4p "$1/data/postmaster.pid"; }

postgres_psql() {
  local dir="$1"
  shift
  PGPASSWORD="$(cat "$dir/password")" "$(postgres_bin)/psql" -X -q -v ON_ERROR_STOP=1 -h 127.0.0.1 \
    -p "$(postgres_port "$dir")" -U pelluna "$@"
}

make_cluster() {
  local dir="$1" unfinished="$1/unfinished"
  if [ -e "$unfinished" ]; then
    say "an earlier start was interrupted while it made the database; making it anew."
    rm -rf "$unfinished"
  fi
  (umask 077 && head -c 24 /dev/urandom | od -An -tx1 | tr -d ' \n' >"$dir/password")
  mkdir -m 700 "$unfinished"
  cp "$dir/password" "$unfinished.pw"
  chmod 600 "$unfinished.pw"
  [ "$(id -u)" != 0 ] || chown postgres: "$unfinished" "$unfinished.pw"
  as_postgres "$(postgres_bin)/initdb" -D "$unfinished" -U pelluna --pwfile="$unfinished.pw" --auth=scram-sha-256 \
    --encoding=UTF8 --locale=C.UTF-8 --data-checksums >"$dir/initdb.log" 2>&1 ||
    die "the database could not be made; $dir/initdb.log says why."
  rm -f "$unfinished.pw"
  mv "$unfinished" "$dir/data"
}

# Starts the cluster in DIR, making it at first; further arguments are settings (name=value).
postgres_start() {
  local dir="$1" port options setting
  shift
  mkdir -p "$dir"
  # The account postgres must be able to pass through, but nobody else to list.
  chmod 711 "$dir"
  if [ "$(id -u)" = 0 ]; then
    as_postgres test -x "$dir" ||
      die "the account postgres cannot reach $dir. Allow passage (chmod o+x) on its parent folders, or set PELLUNA_HOME to a folder it can reach."
    touch "$dir/server.log" && chown postgres: "$dir/server.log"
  fi
  exec 8>"$dir/lock"
  flock 8
  [ -f "$dir/data/PG_VERSION" ] || as_postgres test -f "$dir/data/PG_VERSION" || make_cluster "$dir"
  ! postgres_zombie "$dir" || postgres_clear_zombie "$dir"
  if ! postgres_running "$dir"; then
    port="$(cat "$dir/port" 2>/dev/null || true)"
    if [ -z "$port" ] || port_taken "$port"; then
      port="$(free_port 54320)"
      echo "$port" >"$dir/port"
    fi
    options="-p $port -c listen_addresses=127.0.0.1 -c unix_socket_directories=''"
    for setting in "$@"; do options="$options -c $setting"; done
    as_postgres "$(postgres_bin)/pg_ctl" -D "$dir/data" -l "$dir/server.log" -w -t 60 -o "$options" start \
      </dev/null >/dev/null 2>&1 8>&- 9>&- || die "the database did not start; the end of $dir/server.log says why: $(tail -2 "$dir/server.log")"
  fi
  flock -u 8
}

# Creates a database in DIR's cluster unless it is there.
postgres_database() {
  local there
  there="$(postgres_psql "$1" -d postgres -Atc "select 1 from pg_database where datname = '$2'")"
  [ "$there" = 1 ] || postgres_psql "$1" -d postgres -c "create database $2"
}

# The role that serves keepers in a database: it reads and writes rows and cannot change the schema, which is the owner's.
postgres_server_role() {
  postgres_psql "$1" -d postgres -v word="$(cat "$1/password")" <<'SQL'
select format('create role pelluna_server login password %L', :'word')
where not exists (select from pg_roles where rolname = 'pelluna_server') \gexec
SQL
  postgres_psql "$1" -d "$2" -f "$PELLUNA_ROOT/deploy/server-role.sql"
}

postgres_stop() {
  if postgres_running "$1"; then
    as_postgres "$(postgres_bin)/pg_ctl" -D "$1/data" -m fast -w stop >/dev/null
  fi
}
