#!/usr/bin/env bash
# ./pelluna assess FILE
#
# Judges a plan file (docs/formats/pelluna-plan-1.schema.json) without server or database. Prints findings, pressures and
# the order of arrival as JSON on standard output. Exit code 0; or 2 with the reasons on standard error.

set -euo pipefail
source "$PELLUNA_ROOT/scripts/common.sh"
help_if_asked "$0" "${1:-}"
if [ $# -ne 1 ]; then
  say "assess wants one plan file: ./pelluna assess FILE"
  exit 2
fi

target="$PELLUNA_ROOT/core/target"
archive="$target/assess.jsa"
classpath() { printf '%s:' "$target"/pelluna-core-*.jar "$target"/lib/*.jar; }
main=org.pelluna.core.assess.AssessCommand

if stale "$target/assess.built" "$PELLUNA_ROOT/pom.xml" "$PELLUNA_ROOT/core" "$PELLUNA_ROOT/docs/formats"; then
  need_build_tools
  say "building the core; this happens once."
  maven -pl core -am package -DskipTests || die "the build failed; its messages are above."
  rm -f "$archive"
  # An archive of the loaded classes halves the start; without it everything works, only slower.
  java -XX:ArchiveClassesAtExit="$archive" -cp "$(classpath)" "$main" \
    "$PELLUNA_ROOT/app/src/main/resources/demo/skerry-reef.json" >/dev/null 2>&1 || true
  touch "$target/assess.built"
fi
exec java -XX:SharedArchiveFile="$archive" -Xshare:auto -XX:TieredStopAtLevel=1 -XX:+UseSerialGC -cp "$(classpath)" "$main" "$1"
