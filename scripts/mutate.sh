#!/usr/bin/env bash
# ./pelluna mutate PACKAGE
#
# Changes the code of one package of the core in small ways and counts how many of these mutants the package's own tests find
# (PIT). Takes minutes. Simulations of a second and more (tagged "long") are left out, as every mutant would play them again: what
# is found is found without them. The report lies in core/target/pit-reports. Where a mutant survives, ask first whether the code
# is needed.
#
#   ./pelluna mutate arrival

set -euo pipefail
source "$PELLUNA_ROOT/scripts/common.sh"
help_if_asked "$0" "${1:-}"
[ $# -ge 1 ] || die "mutate wants a package of the core: ./pelluna mutate arrival"
package="$1"
shift
[ -d "$PELLUNA_ROOT/core/src/main/java/org/pelluna/core/$package" ] || die "the core has no package '$package'."
need_build_tools
cd "$PELLUNA_ROOT"
mvn -B -ntp -q test-compile -pl core
exec mvn -B -ntp -pl core -Pmutate org.pitest:pitest-maven:mutationCoverage \
  -DtargetClasses="org.pelluna.core.$package.*" -DtargetTests="org.pelluna.core.$package.*" -DexcludedGroups=long "$@"
