#!/usr/bin/env bash
# Changes the sums in small ways and counts what the tests notice: mutations.sh [word of core, or all of them]
set -eu
cd "$(dirname "$0")/.."
for word in "${@:-assembly cure dispatch finish lettering material mould order piece pour quantity recipe route}"; do
  for one in $word; do
    echo "== $one"
    mvn -q -B -ntp -Pmutations -pl core test-compile org.pitest:pitest-maven:mutationCoverage \
      "-Dmutated=ironshelf.core.$one.*" "-Dmutated.by=ironshelf.core.$one.*" | grep '^>> Generated'
  done
done
