#!/usr/bin/env bash
# ./pelluna test [--fast | PLACE] [MAVEN ARGUMENTS]
#
# Runs every test, in the browser and against a throw-away PostgreSQL of its own. What is missing is installed, or named.
#
#   --fast    only what needs neither database nor browser: the core, and the parts of the application by themselves
#   PLACE     only the tests of one place or package, for example arrivals, water or pressure
#
# Further arguments go to Maven, for example: ./pelluna test -Dtest='TwoWindowsTest'

set -euo pipefail
source "$PELLUNA_ROOT/scripts/common.sh"
source "$PELLUNA_ROOT/scripts/postgres.sh"
help_if_asked "$0" "${1:-}"

need_build_tools
cd "$PELLUNA_ROOT"

if [ "${1:-}" = --fast ]; then
  shift
  exec mvn -B -ntp -q test -pl core,app -Dsurefire.failIfNoSpecifiedTests=false \
    -Dtest='org/pelluna/core/**/*Test,org/pelluna/app/*/*Test,!org/pelluna/app/browser/**,!org/pelluna/app/demo/**' "$@"
fi

selected=()
case "${1:-}" in
  '' | -*) ;;
  *)
    place="${1,,}"
    shift
    stem="${place%s}"
    found="$(find core/src/test app/src/test -name '*Test.java' \( -ipath "*/$place/*" -o -ipath "*/$stem/*" -o -iname "*$stem*" \) -print -quit)"
    [ -n "$found" ] || die "there is no test of '$place'; the places are the packages below core/src/main/java and app/src/main/java."
    selected=(-Dsurefire.failIfNoSpecifiedTests=false
      "-Dtest=org/pelluna/*/$place/**/*Test,org/pelluna/*/$stem/**/*Test,**/*${stem^}*Test")
    ;;
esac

need_postgres
need_chromium
[ ${#selected[@]} -gt 0 ] || bash "$PELLUNA_ROOT/scripts/selftest.sh"

cluster="$PELLUNA_HOME/test-postgres-$$"
cleanup() {
  postgres_stop "$cluster" || true
  rm -rf "$cluster"
}
trap cleanup EXIT
trap 'exit 130' INT TERM
# Nothing in this cluster outlives the run, so it need not be safe against a power cut.
postgres_start "$cluster" fsync=off synchronous_commit=off full_page_writes=off
# Two forks of the tests, each with a database of its own: a browser and a server keep two cores busy between them.
forks=2
for fork in $(seq "$forks"); do
  postgres_database "$cluster" "pelluna_test_$fork"
done

export PELLUNA_TEST_DB_URL="jdbc:postgresql://127.0.0.1:$(postgres_port "$cluster")/pelluna_test"
export PELLUNA_TEST_DB_USER=pelluna
PELLUNA_TEST_DB_PASSWORD="$(cat "$cluster/password")"
export PELLUNA_TEST_DB_PASSWORD

if [ ${#selected[@]} -gt 0 ]; then
  mvn -B -ntp test -pl core,app -Dtest.forks="$forks" "${selected[@]}" "$@"
else
  mvn -B -ntp verify -Dtest.forks="$forks" "$@"
fi
