#!/usr/bin/env bash
# ./pelluna calibrate [LIVES [messy]]
#
# Simulates keepers' records whose truth is known and prints how often what Pelluna says of them is wrong: the table of docs/calibration.md.
# LIVES are the records of each row, 400 by default; that takes about an hour on two cores. With “messy” only the
# messy records are simulated.

set -euo pipefail
source "$PELLUNA_ROOT/scripts/common.sh"
help_if_asked "$0" "${1:-}"

need_build_tools
maven -pl core,benchmarks -am package -DskipTests
target="$PELLUNA_ROOT/benchmarks/target"
exec java -cp "$(printf '%s:' "$target"/pelluna-benchmarks-*.jar "$target"/lib/*.jar)" org.pelluna.benchmarks.Calibration "$@"
