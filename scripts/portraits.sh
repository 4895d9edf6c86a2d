#!/usr/bin/env bash
# ./pelluna portraits
#
# Draws a contact sheet of every family into app/target/portraits: every portrait of the catalogue, juveniles and sexes too, without
# names. Beside each sheet lies a text with the names in their order, for whoever has named them.

set -euo pipefail
source "$PELLUNA_ROOT/scripts/common.sh"
help_if_asked "$0" "${1:-}"
need_build_tools
cd "$PELLUNA_ROOT"
mvn -B -ntp -q test -pl core,app -Dtest=ContactSheetTest -Dsurefire.failIfNoSpecifiedTests=false
echo "The sheets are in app/target/portraits: open them in a browser."
