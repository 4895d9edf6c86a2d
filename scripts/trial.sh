#!/usr/bin/env bash
# ./pelluna trial crash|pair|load|uploads|fuzz|large|start [--short]
#
# Tries the application hard, on loopback and in a database of its own, and ends by itself. Prints what it measured; docs/reliability.md
# has the results.
#
#   crash    kills server and database at random while keepers write (100 times, about 30 minutes)
#   pair     kills one of two servers over one database at random while keepers write (40 times, about 10 minutes)
#   load     50 keepers at once, pages and entries (11 minutes)
#   uploads  the largest files there may be, twenty at once of each kind (5 minutes)
#   fuzz     10,000 bent requests over every route (about 15 minutes)
#   large    1,000 keepers, 2,000 tanks, 2 million entries: pages, backup (about 15 minutes)
#   start    how long it takes to start and what it takes of memory, by several settings (4 minutes)
#   --short  a small version of the same, under two minutes

set -euo pipefail
source "$PELLUNA_ROOT/scripts/common.sh"
source "$PELLUNA_ROOT/scripts/postgres.sh"
source "$PELLUNA_ROOT/scripts/serve.sh"
help_if_asked "$0" "${1:-}"

trial="${1:-}"
case "$trial" in
  crash | pair | load | uploads | fuzz | large | start) ;;
  *) die "trial wants crash, pair, load, uploads, fuzz, large or start; ./pelluna trial --help says more." ;;
esac
case "${2:-}" in
  '') ;;
  --short)
    export KILLS="${KILLS:-6}" KEEPERS="${KEEPERS:-10}" MINUTES="${MINUTES:-0.3}" UPLOADS="${UPLOADS:-4}" TANKS="${TANKS:-20}" ENTRIES="${ENTRIES:-20000}" \
      RUNS="${RUNS:-1}" REQUESTS="${REQUESTS:-500}"
    ;;
  *) die "trial does not know '$2'; ./pelluna trial --help says what it knows." ;;
esac

if [ "$trial" = fuzz ]; then
  exec bash "$PELLUNA_ROOT/scripts/test.sh" fuzz "-Dpelluna.fuzz=${REQUESTS:-10000}" ${SEED:+"-Dpelluna.fuzz.seed=$SEED"}
fi

need_build_tools
need_postgres
RUN="$PELLUNA_HOME/trial-$$"
mkdir -p "$RUN"
export TRIAL_CLUSTER="$RUN/postgres"
cleanup() {
  postgres_stop "$TRIAL_CLUSTER" || true
  rm -rf "$RUN"
}
trap cleanup EXIT
trap 'exit 130' INT TERM
build_app
postgres_start "$TRIAL_CLUSTER"
postgres_database "$TRIAL_CLUSTER" pelluna
PELLUNA_PORT="$(free_port 8300)"
export PELLUNA_PORT PELLUNA_DB_USER=pelluna PELLUNA_SECURE_COOKIES=false
PELLUNA_DB_URL="jdbc:postgresql://127.0.0.1:$(postgres_port "$TRIAL_CLUSTER")/pelluna"
PELLUNA_DB_PASSWORD="$(cat "$TRIAL_CLUSTER/password")"
export PELLUNA_DB_URL PELLUNA_DB_PASSWORD
unpack_app
node "$PELLUNA_ROOT/benchmarks/trial/$trial.mjs"
