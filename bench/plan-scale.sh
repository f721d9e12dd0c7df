#!/usr/bin/env bash
# Plans 50, 200 and 800 orders and prints a table for docs/performance.md; takes about three minutes.
set -eu
cd "$(dirname "$0")/.."
mvn -q -B -ntp -pl bench -am -Pbench verify -DskipTests -Dbench.main=ironshelf.bench.PlanScale
