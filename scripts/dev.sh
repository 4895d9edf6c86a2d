#!/usr/bin/env bash
# ./pelluna dev [--port N]
#
# The demo for whoever works on the code: it watches the sources. A changed style, script or template is there at the next look at
# the page; a changed class builds both modules and restarts the server, which takes some seconds. Ctrl-C stops it.
#
#   --port N   serve on this port instead of the first free one from 8080

set -euo pipefail
source "$PELLUNA_ROOT/scripts/common.sh"
source "$PELLUNA_ROOT/scripts/postgres.sh"
source "$PELLUNA_ROOT/scripts/serve.sh"
help_if_asked "$0" "${1:-}"

asked=
while [ $# -gt 0 ]; do
  case "$1" in
    --port)
      asked="${2:-}"
      [ -n "$asked" ] || die "--port wants a number."
      shift
      ;;
    *) die "dev does not know '$1'; ./pelluna dev --help says what it knows." ;;
  esac
  shift
done

need_build_tools
need_postgres
cd "$PELLUNA_ROOT"
mkdir -p "$RUN"
classes="$PELLUNA_ROOT/app/target/classes"
libraries="$RUN/dev.classpath"
database=pelluna_demo
server=

build() {
  maven -pl core,app compile -DskipTests && touch "$RUN/dev.built"
}

start_server() {
  PELLUNA_DB_URL="jdbc:postgresql://127.0.0.1:$(postgres_port "$CLUSTER")/$database" PELLUNA_DB_USER=pelluna \
    PELLUNA_DB_PASSWORD="$(cat "$CLUSTER/password")" PELLUNA_DEMO=true PELLUNA_PORT="$port" PELLUNA_SECURE_COOKIES=false \
    SPRING_THYMELEAF_CACHE=false SPRING_WEB_RESOURCES_CHAIN_CACHE=false \
    java -Xmx640m -XX:TieredStopAtLevel=1 -cp "$classes:$PELLUNA_ROOT/core/target/classes:$(cat "$libraries")" \
    org.pelluna.app.PellunaApplication >"$RUN/dev.log" 2>&1 &
  server=$!
  if wait_until_up "http://127.0.0.1:$port/actuator/health" "$server"; then
    echo "Pelluna is at http://127.0.0.1:$port  (watching; Ctrl-C stops it)"
  else
    say "it did not come up; $RUN/dev.log says why. It starts again with the next change."
  fi
}

stop_server() {
  [ -z "$server" ] || kill "$server" 2>/dev/null || true
  [ -z "$server" ] || wait "$server" 2>/dev/null || true
  server=
}

# Whether anything below some paths is newer than a mark.
newer() {
  local mark="$1"
  shift
  [ -n "$(find "$@" -newer "$mark" -type f -print -quit 2>/dev/null)" ]
}

cleanup() {
  stop_server
  postgres_stop "$CLUSTER" || true
}
trap cleanup EXIT
trap 'exit 130' INT TERM

build || die "the build failed; its messages are above."
# In one run with the core, so that nothing need be installed; the application, the last of the two, has the last word in the file.
mvn -B -ntp -q -pl core,app compile dependency:build-classpath -DincludeScope=runtime -Dmdep.outputFile="$libraries.all"
# Our own core is taken from its classes, not from a jar of earlier.
tr ':' '\n' <"$libraries.all" | grep -v '/core/target/\|/pelluna-core' | paste -sd: - >"$libraries"
postgres_start "$CLUSTER"
postgres_database "$CLUSTER" "$database"
port="$(choose_port "$asked")"
start_server
touch "$RUN/dev.front"
while true; do
  sleep 1
  if newer "$RUN/dev.built" core/src/main app/src/main/java app/src/main/resources/db; then
    say "sources changed; building."
    stop_server
    build || say "the build failed; mend it and save again."
    touch "$RUN/dev.built"
    start_server
  elif newer "$RUN/dev.front" app/frontend/src app/frontend/styles app/src/main/resources/templates; then
    touch "$RUN/dev.front"
    cp -r app/src/main/resources/templates "$classes/"
    (cd app/frontend && STATIC_OUT="$classes/static" npm run --silent build >/dev/null) && say "styles, scripts and templates are new." ||
      say "the styles or scripts do not build; mend them and save again."
  fi
done
