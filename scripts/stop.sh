#!/usr/bin/env bash
# ./pelluna stop
#
# Stops what ./pelluna demo or ./pelluna start runs, server and database. Data stays.

set -euo pipefail
source "$PELLUNA_ROOT/scripts/common.sh"
source "$PELLUNA_ROOT/scripts/postgres.sh"
source "$PELLUNA_ROOT/scripts/serve.sh"
help_if_asked "$0" "${1:-}"
[ $# -eq 0 ] || die "stop takes no arguments."

if pid="$(server_pid)"; then
  kill "$pid"
  for _ in $(seq 1 60); do
    server_pid >/dev/null || break
    sleep 0.5
  done
  ! server_pid >/dev/null || die "the server (process $pid) does not stop; end it by hand."
  say "stopped."
else
  say "nothing is running."
fi
rm -f "$RUN/server.pid" "$RUN/address"
[ -z "$(postgres_bin)" ] || postgres_stop "$CLUSTER"
