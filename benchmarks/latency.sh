#!/usr/bin/env bash
# benchmarks/latency.sh [ADDRESS]
#
# Asks a running demo (./pelluna demo) for its pages, one after the other, and prints the median and the slowest answer of
# each in milliseconds, and what the first page weighs in scripts and styles. Needs curl and gzip.

set -euo pipefail
address="${1:-http://127.0.0.1:8080}"
times="${TIMES:-40}"
cookies="$(mktemp)"
trap 'rm -f "$cookies"' EXIT

token() { grep -o 'name="_csrf" value="[^"]*"' | head -1 | sed 's/.*value="//; s/"$//'; }

csrf="$(curl -fsS -c "$cookies" -b "$cookies" "$address/sign-in" | token)"
curl -fsS -o /dev/null -c "$cookies" -b "$cookies" --data-urlencode "_csrf=$csrf" "$address/sign-in/demo"
tank="$(curl -fsS -b "$cookies" "$address/tanks" | grep -oE '/tanks/[0-9a-f-]{36}' | head -1)"

measure() {
  for _ in $(seq 10); do curl -fsS -o /dev/null -b "$cookies" "$address$1"; done
  for _ in $(seq "$times"); do
    curl -fsS -o /dev/null -b "$cookies" -w '%{time_starttransfer} %{time_pretransfer}\n' "$address$1"
  done | awk '{ printf "%.1f\n", ($1 - $2) * 1000 }' | sort -n \
    | awk -v page="$2" '{ v[NR] = $1 } END { printf "%-28s median %6.1f ms   slowest %6.1f ms\n", page, v[int((NR + 1) / 2)], v[NR] }'
}

measure "$tank/species" "species, all judged"
measure "$tank/species?q=yelow+tnag" "species, a search"
measure "$tank/species/pomacanthus-imperator" "species, one entry"
measure "$tank/shop?q=yelow+tang" "shop card"
measure "$tank/wishes" "wishes"
measure "$tank/company" "company"
measure "$tank/company/what-if?part=true" "what if, the part"
measure "$tank/headroom" "headroom"
measure "$tank/reef?part=true&on=$(date -d '+400 days' +%F)" "reef, one day of the slider"
measure "$tank/arrivals" "arrivals"
measure "$tank/water" "water"
measure "$tank/watch" "watch"
measure "$tank/watch/settling" "is it settling"
measure "$tank/watch/rank" "who rules"
measure "$tank/watch/remedies" "did it help"
measure "$tank/watch/what-now" "what now"
measure "$tank/watch/learned" "learned"
measure "$tank/losses" "losses"
measure "$tank/losses/survival" "survival"
measure "$tank/losses/crew" "crew"
measure "/today" "today"
total=0
for asset in pelluna.css pelluna.js alpine.js; do
  size="$(curl -fsS "$address/assets/$asset" | gzip -9 | wc -c)"
  total=$((total + size))
done
echo "scripts and styles, compressed: $total bytes"
