#!/usr/bin/env bash
# ./pelluna catalogue
#
# Writes docs/generated/catalogue.md, names.md and verdicts.md again: what the catalogue knows, how its figures are known, which of
# them stand alike in a whole genus, where every name leads, and what every species comes to in three tanks. A test holds the pages to the catalogue.

set -euo pipefail
source "$PELLUNA_ROOT/scripts/common.sh"
help_if_asked "$0" "${1:-}"
need_build_tools
cd "$PELLUNA_ROOT"
mvn -B -ntp -q test -pl core -Dtest=CatalogueReportTest -Dpelluna.record=true -DargLine=-Dpelluna.record=true
echo "docs/generated/catalogue.md, names.md and verdicts.md are written."
