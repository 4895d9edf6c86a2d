#!/usr/bin/env bash
# Tests of the scripts themselves: messages and exit codes, and a database that survives what can happen to it.
# Run by ./pelluna test.

set -euo pipefail
source "$PELLUNA_ROOT/scripts/common.sh"
source "$PELLUNA_ROOT/scripts/postgres.sh"
source "$PELLUNA_ROOT/scripts/serve.sh"

passed=0 failed=0
check() {
  local what="$1"
  shift
  if "$@" >/dev/null 2>&1; then
    passed=$((passed + 1))
  else
    failed=$((failed + 1))
    say "FAILED: $what"
  fi
}
code() {
  local wanted="$1" got=0
  shift
  (PELLUNA_HOME="$home" "$@") >"$home/out" 2>"$home/err" </dev/null || got=$?
  [ "$got" = "$wanted" ]
}
says() { grep -q -- "$1" "$home/err"; }

home="$PELLUNA_HOME/selftest-$$"
mkdir -p "$home"
chmod 711 "$PELLUNA_HOME" "$home"
dir="$home/postgres"
listener=
cleanup() {
  [ -z "$listener" ] || kill "$listener" 2>/dev/null || true
  postgres_stop "$dir" || true
  rm -rf "$home"
}
trap cleanup EXIT

# Words and exit codes.
check "an unknown command ends with 2" code 2 "$PELLUNA_ROOT/pelluna" swim
check "and says so" says "no command 'swim'"
check "no command ends with 2" code 2 "$PELLUNA_ROOT/pelluna"
for command in demo start stop dev test mutate assess bench catalogue backup restore keepers trial; do
  check "$command knows --help" code 0 "$PELLUNA_ROOT/pelluna" "$command" --help
  check "$command explains itself" grep -q "pelluna $command" "$home/out"
done
check "assess without a file ends with 2" code 2 "$PELLUNA_ROOT/pelluna" assess
check "demo refuses what it does not know" code 1 "$PELLUNA_ROOT/pelluna" demo --swim
check "and names it" says "does not know '--swim'"
check "stop with nothing running is no fault" code 0 "$PELLUNA_ROOT/pelluna" stop
check "and says so" says "nothing is running"

# Ports.
node -e 'const s = require("net").createServer().listen(0, "127.0.0.1", () => console.log(s.address().port));' >"$home/port" &
listener=$!
for _ in $(seq 1 50); do [ -s "$home/port" ] && break || sleep 0.1; done
taken="$(cat "$home/port")"
check "a taken port is seen" port_taken "$taken"
check "a free port is another one" test "$(free_port "$taken")" -gt "$taken"
check "asking for a taken port ends with 1" code 1 choose_port "$taken"
check "and says what to do" says "choose another with --port"
check "a port is a number" code 1 choose_port seventy

# A database that is made, doubled, killed and half-made.
mkdir -p "$dir/unfinished/base"
postgres_start "$dir" fsync=off 2>"$home/err"
check "a half-made database is made anew" says "making it anew"
check "the password is readable by its owner only" test "$(stat -c %a "$dir/password")" = 600
check "the password is long" test "$(wc -c <"$dir/password")" -ge 48
postgres_database "$dir" kept
postgres_psql "$dir" -d kept -c "create table fish (name text); insert into fish values ('Bosun')"
port="$(postgres_port "$dir")"
postgres_start "$dir" fsync=off
check "starting twice leaves the first running" test "$(postgres_port "$dir")" = "$port"
check "a wrong password is refused" test -z "$(PGPASSWORD=wrong "$(postgres_bin)/psql" -h 127.0.0.1 -p "$port" -U pelluna -d kept -Atc 'select 1' 2>/dev/null)"
postgres_stop "$dir"
check "a stopped database does not run" test -z "$(postgres_running "$dir" && echo running)"
postgres_start "$dir" fsync=off
check "data survives stop and start" test "$(postgres_psql "$dir" -d kept -Atc 'select name from fish')" = Bosun
kill -9 "$(as_postgres head -1 "$dir/data/postmaster.pid")"
sleep 1
postgres_start "$dir" fsync=off
check "data survives a killed server" test "$(postgres_psql "$dir" -d kept -Atc 'select name from fish')" = Bosun
postgres_database "$dir" kept
check "a database is created once" test "$(postgres_psql "$dir" -d postgres -Atc "select count(*) from pg_database where datname = 'kept'")" = 1

echo "scripts: $passed passed, $failed failed"
[ "$failed" = 0 ]
