#!/usr/bin/env bash
# Changes the sums in small ways and counts what the tests notice: mutations.sh [word of core, or all of them]
set -eu
cd "$(dirname "$0")/.."
sums="assembly cure dispatch finish lettering material mould next order piece pour quantity recipe route"
rooms="plan plan.bound plan.promise plan.resource plan.schedule plan.search plan.whatif"

# What stands in a word's own folder and below it; of the plan what stands in none of its rooms.
mutated() {
  if [ "$1" = plan ]; then
    find core/src/main/java/ironshelf/core/plan -maxdepth 1 -name '[A-Z]*.java' -exec basename {} .java \; \
      | sort | sed 's/.*/ironshelf.core.plan.&*/' | paste -sd,
  else
    echo "ironshelf.core.$1.*"
  fi
}

for one in ${@:-$sums $rooms}; do
  echo "== $one"
  mvn -q -B -ntp -Pmutations -pl core test-compile org.pitest:pitest-maven:mutationCoverage \
    "-Dmutated=$(mutated "$one")" "-Dmutated.by=ironshelf.core.$one.*" | grep '^>> Generated' | tail -1
done
