#!/usr/bin/env bash
# ./pelluna bench [JMH ARGUMENTS]
#
# Measures the core with JMH. Arguments go to JMH, for example: ./pelluna bench Order -f 1

set -euo pipefail
source "$PELLUNA_ROOT/scripts/common.sh"
help_if_asked "$0" "${1:-}"

need_build_tools
maven -pl core,benchmarks -am package -DskipTests
target="$PELLUNA_ROOT/benchmarks/target"
exec java -cp "$(printf '%s:' "$target"/pelluna-benchmarks-*.jar "$target"/lib/*.jar)" org.openjdk.jmh.Main "$@"
