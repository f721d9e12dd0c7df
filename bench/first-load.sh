#!/usr/bin/env bash
# How much script the first page asks for, gzipped, once the interface has been built (web/dist).
set -eu
cd "$(dirname "$0")/../web/dist"
grep -oE '/assets/[^"]*\.js' index.html | while read -r file; do gzip -9c ".$file" | wc -c; done |
  awk '{bytes += $1} END {printf "%.0f kB in %d files\n", bytes / 1000, NR}'
