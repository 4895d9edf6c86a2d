#!/usr/bin/env bash
# ./pelluna merge FILE [PROVENANCE]
#
# Takes a keeper's figures (pelluna-figures.json, from any entry of the species) into the data files of the catalogue. Each is checked
# and printed beside the catalogue's; if one cannot be, nothing is written. PROVENANCE says how they are known: practice, or
# 'published: SOURCE'. Afterwards run ./pelluna catalogue and ./pelluna test.

set -euo pipefail
source "$PELLUNA_ROOT/scripts/common.sh"
help_if_asked "$0" "${1:-}"
if [ $# -lt 1 ] || [ $# -gt 2 ]; then
  say "merge wants a file of figures: ./pelluna merge FILE [PROVENANCE]"
  exit 2
fi
need_build_tools
file="$(cd "$(dirname "$1")" && pwd)/$(basename "$1")"
cd "$PELLUNA_ROOT"
maven -pl core -am package -DskipTests || die "the build failed; its messages are above."
exec java -cp "$(printf '%s:' core/target/pelluna-core-*.jar core/target/lib/*.jar)" org.pelluna.core.assess.MergeCommand \
  core/src/main/resources/org/pelluna/species "$file" "${@:2}"
