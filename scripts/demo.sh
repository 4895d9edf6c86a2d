#!/usr/bin/env bash
# ./pelluna demo [--reset] [--port N]
#
# Starts Pelluna with an invented keeper and two tanks, prints the address, and runs until Ctrl-C or ./pelluna stop.
# What is missing is installed, or named. The demo has a database of its own; what you change in it is kept.
#
#   --reset    throw the demo's data away and begin afresh
#   --port N   serve on this port instead of the first free one from 8080

set -euo pipefail
source "$PELLUNA_ROOT/scripts/common.sh"
source "$PELLUNA_ROOT/scripts/postgres.sh"
source "$PELLUNA_ROOT/scripts/serve.sh"
help_if_asked "$0" "${1:-}"

reset=no port="${PELLUNA_PORT:-}"
while [ $# -gt 0 ]; do
  case "$1" in
    --reset) reset=yes ;;
    --port)
      port="${2:-}"
      [ -n "$port" ] || die "--port wants a number."
      shift
      ;;
    *) die "demo does not know '$1'; ./pelluna demo --help says what it knows." ;;
  esac
  shift
done
serve pelluna_demo true "$port" "$reset"
