#!/usr/bin/env bash
# ./pelluna test [MAVEN ARGUMENTS]
#
# Runs every test, in the browser and against a throw-away PostgreSQL of its own. What is missing is installed, or named.
# Arguments go to Maven, for example: ./pelluna test -pl core

set -euo pipefail
source "$PELLUNA_ROOT/scripts/common.sh"
source "$PELLUNA_ROOT/scripts/postgres.sh"
help_if_asked "$0" "${1:-}"

need_build_tools
need_postgres
need_chromium

bash "$PELLUNA_ROOT/scripts/selftest.sh"

cluster="$PELLUNA_HOME/test-postgres-$$"
cleanup() {
  postgres_stop "$cluster" || true
  rm -rf "$cluster"
}
trap cleanup EXIT
trap 'exit 130' INT TERM
# Nothing in this cluster outlives the run, so it need not be safe against a power cut.
postgres_start "$cluster" fsync=off synchronous_commit=off full_page_writes=off
postgres_database "$cluster" pelluna_test

export PELLUNA_TEST_DB_URL="jdbc:postgresql://127.0.0.1:$(postgres_port "$cluster")/pelluna_test"
export PELLUNA_TEST_DB_USER=pelluna
PELLUNA_TEST_DB_PASSWORD="$(cat "$cluster/password")"
export PELLUNA_TEST_DB_PASSWORD

cd "$PELLUNA_ROOT"
mvn -B -ntp verify "$@"
