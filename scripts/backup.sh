#!/usr/bin/env bash
# ./pelluna backup FILE
#
# Writes everything of all keepers into one file (pg_dump's custom format) and reads it back to check it. The server may run
# meanwhile. The database is the one PELLUNA_DB_URL names, or our own.

set -euo pipefail
source "$PELLUNA_ROOT/scripts/common.sh"
source "$PELLUNA_ROOT/scripts/postgres.sh"
source "$PELLUNA_ROOT/scripts/serve.sh"
source "$PELLUNA_ROOT/scripts/database.sh"
help_if_asked "$0" "${1:-}"
[ $# -eq 1 ] || die "backup wants one file to write."
[ ! -e "$1" ] || die "$1 is there already; choose another name, or take it away first."

trap leave_database EXIT
use_database
begun="$1.unfinished"
(umask 077 && pg pg_dump --format=custom --no-owner --no-privileges --file="$begun") || die "the backup could not be written."
# Reading the whole archive finds what a disk has spoiled; the list alone would not.
pg pg_restore --file=/dev/null "$begun" || die "the backup cannot be read back; it lies in $begun."
tables="$(pg pg_restore --list "$begun" | grep -c ' TABLE DATA ')"
[ "$tables" -gt 15 ] || die "the backup holds only $tables tables; is $PGDATABASE the right database?"
mv "$begun" "$1"
say "$1: $tables tables, $(du -h "$1" | cut -f1), read back and found whole."
