#!/usr/bin/env bash
# ./pelluna restore FILE [--replace]
#
# Brings back what ./pelluna backup has written, into the database PELLUNA_DB_URL names, or our own: all of it, or nothing.
# Stop the server first.
#
#   --replace   throw away what the database holds; without it a database that holds keepers is left alone

set -euo pipefail
source "$PELLUNA_ROOT/scripts/common.sh"
source "$PELLUNA_ROOT/scripts/postgres.sh"
source "$PELLUNA_ROOT/scripts/serve.sh"
source "$PELLUNA_ROOT/scripts/database.sh"
help_if_asked "$0" "${1:-}"
file="${1:-}" replace=no
[ -n "$file" ] || die "restore wants the file of a backup."
case "${2:-}" in
  '') ;;
  --replace) replace=yes ;;
  *) die "restore does not know '$2'; ./pelluna restore --help says what it knows." ;;
esac
[ -r "$file" ] || die "$file cannot be read."
! server_pid >/dev/null || die "the server is running; ./pelluna stop stops it."

trap leave_database EXIT
use_database
pg pg_restore --list "$file" >/dev/null 2>&1 || die "$file is no backup, or not whole; nothing was changed."
keepers="$(pg psql -XAtc "select case when to_regclass('public.keeper') is null then 0 else 1 end")"
[ "$keepers" = 0 ] || keepers="$(pg psql -XAtc 'select count(*) from keeper')"
if [ "$keepers" != 0 ] && [ "$replace" = no ]; then
  die "this database holds $keepers keepers; say --replace to throw them away. Nothing was changed."
fi
# First all of it is written out; then it is taken in in one transaction. What cannot be read whole leaves everything as it was.
script="$(mktemp)"
trap 'rm -f "$script"; leave_database' EXIT
echo 'drop schema public cascade; create schema public;' >"$script"
pg pg_restore --no-owner --no-privileges --file=- "$file" >"$script.all" || { rm -f "$script.all"; die "$file is not whole; nothing was changed."; }
grep -v -x 'CREATE SCHEMA public;' "$script.all" >>"$script"
rm -f "$script.all"
if [ "$(pg psql -XAtc "select count(*) from pg_roles where rolname = 'pelluna_server'")" = 1 ]; then
  # The dump has emptied the search path.
  cat "$PELLUNA_ROOT/deploy/server-role.sql" >>"$script"
fi
PGOPTIONS="-c client_min_messages=warning" pg psql -X -q -v ON_ERROR_STOP=1 --single-transaction -f "$script" >/dev/null || die "the backup could not be taken in; nothing was changed."
say "brought back: $(pg psql -XAtc 'select count(*) from keeper') keepers, $(pg psql -XAtc 'select count(*) from tank') tanks."
