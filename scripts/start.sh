#!/usr/bin/env bash
# ./pelluna start [--port N]
#
# Starts Pelluna for your own keepers and tanks, prints the address, and runs until Ctrl-C or ./pelluna stop.
# Data survives stop and start; it lies in .pelluna/ in the project's folder, or where PELLUNA_HOME points.
#
#   --port N   serve on this port instead of the first free one from 8080

set -euo pipefail
source "$PELLUNA_ROOT/scripts/common.sh"
source "$PELLUNA_ROOT/scripts/postgres.sh"
source "$PELLUNA_ROOT/scripts/serve.sh"
help_if_asked "$0" "${1:-}"

port="${PELLUNA_PORT:-}"
while [ $# -gt 0 ]; do
  case "$1" in
    --port)
      port="${2:-}"
      [ -n "$port" ] || die "--port wants a number."
      shift
      ;;
    *) die "start does not know '$1'; ./pelluna start --help says what it knows." ;;
  esac
  shift
done
serve pelluna false "$port" no
