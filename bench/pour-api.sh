#!/usr/bin/env bash
# Times the sheet of a pour into 60 copies and the filling of its left-over, over HTTP, on a running
# empty shop: bench/pour-api.sh http://127.0.0.1:8080
set -eu
base=$1
post() { curl -sf -X POST -H 'Content-Type: application/json' "$base$1" -d "$2"; }
id() { grep -o '"id":[0-9]*' | head -1 | grep -o '[0-9]*'; }
recipe=$(post /api/starting-recipes/rapid-neat-4-1 '{}' | id)
colour=$(post "/api/recipes/$recipe/colourways" '{"name":"Plain","swatch":"#cccccc","waterOffsetPercent":0,"doses":[]}' | id)
mould=$(post /api/moulds '{"name":"Bench cup","family":"vessels","kind":"silicone","shape":{"cavity":{"kind":"cone","topDiameterMm":84,"baseDiameterMm":70,"heightMm":78},"coreLiftMm":0,"coreOffsetMm":0,"inserts":[],"cavities":1,"moreCores":[],"parts":[]},"coreMassKg":0,"leastWallMm":0,"faces":[]}' | id)
copies=""
for i in $(seq 60); do
  post "/api/moulds/$mould/copies" "{\"code\":\"BC$i\",\"castsBefore\":0}" >/dev/null
done
copies=$(curl -sf "$base/api/moulds/$mould" | grep -o '"copies":.*' | grep -o '"id":[0-9]*' | grep -o '[0-9]*' | paste -sd,)
product=$(post /api/products "{\"name\":\"Bench cup\",\"mouldId\":$mould,\"recipeId\":$recipe,\"minutesPerPiece\":0.1}" | id)
sheet="{\"fills\":[{\"productId\":$product,\"copyIds\":[$copies]}],\"colourwayId\":$colour}"
fillers=$(for i in $(seq 50); do printf '{"mould":"m%d","massKg":%s,"free":3,"worth":%d},' "$i" "0.$((50 + i * 13))" "$((1 + i % 7))"; done)
left="{\"leftKg\":2.4,\"fillers\":[${fillers%,}]}"
times() {
  for _ in $(seq 60); do
    curl -sf -o /dev/null -w '%{time_total}\n' -X POST -H 'Content-Type: application/json' "$base$1" -d "$2"
  done | tail -40 | sort -n | awk '{a[NR]=$1} END {printf "%.1f ms median, %.1f ms at the 95th percentile\n", a[int(NR/2)]*1000, a[int(NR*0.95)]*1000}'
}
echo "sheet of 60 copies: $(times /api/pours/sheet "$sheet")"
echo "left-over over 50 kinds: $(times /api/calc/leftover "$left")"
