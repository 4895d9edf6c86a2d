# Which database a command means: the one PELLUNA_DB_URL names, or our own, started if need be. Sourced, not run.
# Sets the variables of PostgreSQL's programs (PGHOST, PGPORT, PGDATABASE, PGUSER, PGPASSWORD), as the owner of the schema.

use_database() {
  local url="${PELLUNA_DB_URL:-}"
  if [ -z "$url" ]; then
    need_postgres
    postgres_running "$CLUSTER" || { postgres_start "$CLUSTER" && started_here=yes; }
    postgres_database "$CLUSTER" pelluna
    url="jdbc:postgresql://127.0.0.1:$(postgres_port "$CLUSTER")/pelluna"
    PELLUNA_DB_OWNER=pelluna PELLUNA_DB_OWNER_PASSWORD="$(cat "$CLUSTER/password")"
  fi
  [[ "$url" =~ ^jdbc:postgresql://([^:/]+)(:([0-9]+))?/([^?]+) ]] ||
    die "PELLUNA_DB_URL should look like jdbc:postgresql://127.0.0.1:5432/pelluna, not '$url'."
  export PGHOST="${BASH_REMATCH[1]}" PGPORT="${BASH_REMATCH[3]:-5432}" PGDATABASE="${BASH_REMATCH[4]}"
  export PGUSER="${PELLUNA_DB_OWNER:-${PELLUNA_DB_USER:-pelluna}}"
  export PGPASSWORD="${PELLUNA_DB_OWNER_PASSWORD:-${PELLUNA_DB_PASSWORD:-}}"
}

# Ends our own database if this command has started it.
leave_database() { [ "${started_here:-no}" = no ] || postgres_stop "$CLUSTER"; }

# One of PostgreSQL's programs: those beside our server if there is one, otherwise those on the PATH.
pg() {
  local bin name="$1"
  shift
  bin="$(postgres_bin)"
  if [ -n "$bin" ] && [ -x "$bin/$name" ]; then
    "$bin/$name" "$@"
  else
    command -v "$name" >/dev/null || install_packages postgresql-client
    "$name" "$@"
  fi
}
