# What the commands share: messages, missing packages, the build. Sourced, not run.

PELLUNA_HOME="${PELLUNA_HOME:-$PELLUNA_ROOT/.pelluna}"

say() { echo "pelluna: $*" >&2; }

die() {
  say "$*"
  exit 1
}

# Prints the command's help, which is the comment at the head of its script, when asked for it.
help_if_asked() {
  case "${2:-}" in
    -h | --help)
      sed -n '2,/^$/s/^# \{0,1\}//p' "$1"
      exit 0
      ;;
  esac
}

# Installs Debian packages where we may, or says exactly what to install.
install_packages() {
  local apt=(apt-get install -y --no-install-recommends "$@")
  if ! command -v apt-get >/dev/null; then
    die "missing: $*. Please install them with your system's package manager, then try again."
  fi
  if [ "$(id -u)" = 0 ]; then
    say "installing $*"
    { apt-get update -q && DEBIAN_FRONTEND=noninteractive "${apt[@]}"; } >&2 || die "could not install: $*"
  elif command -v sudo >/dev/null && sudo -n true 2>/dev/null; then
    say "installing $* (with sudo)"
    { sudo -n apt-get update -q && sudo -n env DEBIAN_FRONTEND=noninteractive "${apt[@]}"; } >&2 || die "could not install: $*"
  else
    die "missing: $*. Please run: sudo apt-get install --no-install-recommends $*"
  fi
}

java_is_recent() {
  local version
  version="$(javac -version 2>&1 | sed -n 's/^javac \([0-9]*\).*/\1/p')"
  [ -n "$version" ] && [ "$version" -ge 17 ]
}

need_build_tools() {
  local missing=()
  java_is_recent || missing+=(openjdk-17-jdk-headless)
  command -v mvn >/dev/null || missing+=(maven)
  command -v node >/dev/null || missing+=(nodejs)
  command -v npm >/dev/null || missing+=(npm)
  [ ${#missing[@]} -eq 0 ] || install_packages "${missing[@]}"
  java_is_recent || die "Java 17 or newer is needed; please point JAVA_HOME and PATH at it."
}

need_postgres() { [ -n "$(postgres_bin)" ] || install_packages postgresql; }

need_chromium() { [ -x /usr/bin/chromium ] || install_packages chromium; }

# Whether a file is missing or older than anything it is built from.
stale() {
  local built="$1"
  shift
  [ ! -f "$built" ] || [ -n "$(find "$@" \( -name target -o -name node_modules \) -prune -o -type f -newer "$built" -print -quit)" ]
}

maven() { (cd "$PELLUNA_ROOT" && mvn -B -q "$@") >&2; }

port_taken() { (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

free_port() {
  local port
  for port in $(seq "$1" $(($1 + 200))); do
    port_taken "$port" || {
      echo "$port"
      return
    }
  done
  die "no free port from $1 to $(($1 + 200))."
}
