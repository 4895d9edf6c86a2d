# Builds and serves; shared by demo and start. Sourced, not run.

RUN="$PELLUNA_HOME/run"
CLUSTER="$PELLUNA_HOME/postgres"

# The pid of the running server, if the one noted is still alive and ours.
server_pid() {
  local pid
  [ -f "$RUN/server.pid" ] || return 1
  pid="$(cat "$RUN/server.pid")"
  grep -qs "pelluna.jar" "/proc/$pid/cmdline" && echo "$pid"
}

build_app() {
  local jar="$PELLUNA_ROOT/app/target/pelluna.jar"
  if stale "$jar" "$PELLUNA_ROOT/pom.xml" "$PELLUNA_ROOT/core" "$PELLUNA_ROOT/app" "$PELLUNA_ROOT/docs/formats"; then
    say "building; the first time this takes some minutes."
    maven -pl core,app -am package -DskipTests || die "the build failed; its messages are above."
    touch "$jar"
  fi
}

# Unpacks the jar and writes an archive of its classes, read in a trial start: it then starts in a third of the time. Needs the
# database that PELLUNA_DB_URL names. Without the archive it starts all the same.
UNPACKED="$PELLUNA_ROOT/app/target/unpacked"
unpack_app() {
  local jar="$PELLUNA_ROOT/app/target/pelluna.jar" archive="$UNPACKED/pelluna.jsa"
  [ ! -f "$archive" ] || [ "$jar" -nt "$archive" ] || return 0
  rm -rf "$UNPACKED"
  java -Djarmode=tools -jar "$jar" extract --destination "$UNPACKED" >&2 || die "the jar could not be unpacked."
  say "preparing a quick start; this once."
  (cd "$UNPACKED" && java -XX:ArchiveClassesAtExit="$archive" -XX:+UseSerialGC -Dspring.context.exit=onRefresh \
    -Dpelluna.warm-up=false -jar pelluna.jar --server.port=0) >"$RUN/prepare.log" 2>&1 9>&- ||
    { rm -f "$archive" && say "it starts without; $RUN/prepare.log says why."; }
}

# Picks the port: the one asked for, or the first free one from 8080.
choose_port() {
  local asked="$1"
  if [ -n "$asked" ]; then
    [[ "$asked" =~ ^[0-9]+$ ]] && [ "$asked" -ge 1 ] && [ "$asked" -le 65535 ] || die "a port is a number from 1 to 65535, not '$asked'."
    ! port_taken "$asked" || die "port $asked is taken by another program; choose another with --port."
    echo "$asked"
  else
    local port
    port="$(free_port 8080)"
    [ "$port" = 8080 ] || say "port 8080 is taken by another program; using $port."
    echo "$port"
  fi
}

wait_until_up() {
  node -e '
    const [url, pid] = process.argv.slice(1);
    const alive = () => { try { process.kill(Number(pid), 0); return true; } catch { return false; } };
    (async () => {
      for (let i = 0; i < 240 && alive(); i++) {
        try { if ((await fetch(url)).ok) process.exit(0); } catch { /* not up yet */ }
        await new Promise((again) => setTimeout(again, 500));
      }
      process.exit(1);
    })();' "$1" "$2"
}

# Brings the database back when it has ended while the server runs; the server says so meanwhile, and goes on by itself.
watch_database() {
  while kill -0 "$1" 2>/dev/null; do
    if ! postgres_running "$CLUSTER" && kill -0 "$1" 2>/dev/null && [ -f "$RUN/server.pid" ]; then
      say "the database has ended; starting it again."
      (postgres_start "$CLUSTER") || true
    fi
    sleep 1
  done
}

# serve DATABASE DEMO PORT RESET
serve() {
  local database="$1" demo="$2" asked="$3" reset="$4" port pid
  mkdir -p "$RUN"
  exec 9>"$RUN/lock"
  flock -w 5 9 || die "another ./pelluna is just starting; try again in a moment."
  if pid="$(server_pid)"; then
    say "already running at $(cat "$RUN/address"); stop it with ./pelluna stop."
    exit 0
  fi
  need_build_tools
  need_postgres
  build_app
  port="$(choose_port "$asked")"
  postgres_start "$CLUSTER"
  if [ "$reset" = yes ]; then
    postgres_psql "$CLUSTER" -d postgres -c "drop database if exists $database with (force)"
    say "the demo begins afresh."
  fi
  postgres_database "$CLUSTER" "$database"

  postgres_server_role "$CLUSTER" "$database"

  export PELLUNA_DB_URL PELLUNA_DB_USER=pelluna_server PELLUNA_DB_OWNER=pelluna
  PELLUNA_DB_URL="jdbc:postgresql://127.0.0.1:$(postgres_port "$CLUSTER")/$database"
  PELLUNA_DB_PASSWORD="$(cat "$CLUSTER/password")"
  export PELLUNA_DB_PASSWORD PELLUNA_DB_OWNER_PASSWORD="$PELLUNA_DB_PASSWORD" PELLUNA_DEMO="$demo" PELLUNA_PORT="$port"
  export PELLUNA_SECURE_COOKIES="${PELLUNA_SECURE_COOKIES:-false}" PELLUNA_URL="${PELLUNA_URL:-http://127.0.0.1:$port}"
  unpack_app
  # The log turns over by itself: at most 50 MB of it are kept.
  (cd "$UNPACKED" && LOGGING_FILE_NAME="$RUN/server.log" LOGGING_LOGBACK_ROLLINGPOLICY_MAX_FILE_SIZE=5MB \
    LOGGING_LOGBACK_ROLLINGPOLICY_TOTAL_SIZE_CAP=50MB LOGGING_THRESHOLD_CONSOLE=off \
    MALLOC_ARENA_MAX=2 \
    exec java @"$PELLUNA_ROOT/deploy/java.options" -jar pelluna.jar) >"$RUN/console.log" 2>&1 9>&- &
  pid=$!
  echo "$pid" >"$RUN/server.pid"
  echo "http://127.0.0.1:$port" >"$RUN/address"
  trap 'kill "$pid" 2>/dev/null || true' INT TERM
  watch_database "$pid" 9>&- &
  flock -u 9
  if wait_until_up "http://127.0.0.1:$port/actuator/health" "$pid"; then
    echo "Pelluna is at http://127.0.0.1:$port  (Ctrl-C stops it)"
  elif kill -0 "$pid" 2>/dev/null; then
    say "still not up after two minutes; $RUN/server.log says more."
  fi
  # A signal ends wait early, while the server is still closing; so wait until it is gone.
  local code=0
  wait "$pid" || code=$?
  while kill -0 "$pid" 2>/dev/null; do wait "$pid" || code=$?; done
  rm -f "$RUN/server.pid" "$RUN/address"
  postgres_stop "$CLUSTER"
  # 143 is a stop by signal: what Ctrl-C and ./pelluna stop do.
  [ "$code" = 0 ] || [ "$code" = 143 ] || [ "$code" = 130 ] || die "the server ended with code $code; the end of $RUN/server.log says why:
$(tail -5 "$RUN/server.log")"
  say "stopped."
}
