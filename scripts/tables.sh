#!/usr/bin/env bash
# ./pelluna tables
#
# Writes docs/generated/tables.md again: a picture of the database's tables, from the schema that the migrations make. A test holds it current.

set -euo pipefail
source "$PELLUNA_ROOT/scripts/common.sh"
help_if_asked "$0" "${1:-}"
bash "$PELLUNA_ROOT/scripts/test.sh" -pl core,app -Dsurefire.failIfNoSpecifiedTests=false -Dtest=TablesPictureTest -Dpelluna.record=true >/dev/null ||
  die "the tables could not be read; ./pelluna test tablespicture says why."
echo "docs/generated/tables.md is written."
