#!/usr/bin/env bash
# ./pelluna keepers list | lock NAME | unlock NAME | reset NAME | delete NAME | sign-up open | sign-up closed
#
# For the operator: who there is, and what may be done to an account. The server may run meanwhile. The database is the one
# PELLUNA_DB_URL names, or our own.
#
#   list             names, since when, whether locked or leaving
#   lock, unlock     signs the keeper out everywhere and keeps them out; lets them in again
#   reset            a link for a new password, to be handed over; ends a second factor
#   delete           the account and everything in it, at once
#   sign-up          whether new accounts can be made

set -euo pipefail
source "$PELLUNA_ROOT/scripts/common.sh"
source "$PELLUNA_ROOT/scripts/postgres.sh"
source "$PELLUNA_ROOT/scripts/serve.sh"
source "$PELLUNA_ROOT/scripts/database.sh"
help_if_asked "$0" "${1:-}"
[ $# -gt 0 ] || die "keepers wants to know what; ./pelluna keepers --help says what it knows."

trap leave_database EXIT
use_database
need_build_tools
build_app
address="${PELLUNA_URL:-$(cat "$RUN/address" 2>/dev/null || echo http://127.0.0.1:8080)}"
PELLUNA_DB_URL="jdbc:postgresql://$PGHOST:$PGPORT/$PGDATABASE" PELLUNA_DB_USER="$PGUSER" PELLUNA_DB_PASSWORD="$PGPASSWORD" \
  PELLUNA_DB_OWNER="$PGUSER" PELLUNA_DB_OWNER_PASSWORD="$PGPASSWORD" PELLUNA_URL="$address" \
  java -Xmx448m -XX:+UseSerialGC -XX:TieredStopAtLevel=1 -jar "$PELLUNA_ROOT/app/target/pelluna.jar" --server.port=0 \
  --pelluna.operate=true --pelluna.warm-up=false --spring.main.banner-mode=off --logging.level.root=error --management.server.port=-1 "$@"
