#!/usr/bin/env bash
# Plans twenty shops that mix in bowls and prints a table for docs/performance.md; takes about three minutes.
set -eu
cd "$(dirname "$0")/.."
mvn -q -B -ntp -pl bench -am -Pbench verify -DskipTests -Dbench.main=ironshelf.bench.PlanBowls
