#!/usr/bin/env bash
# Runs the benches and prints their tables: bench/run.sh [JMH arguments, for example BatchSum -f 1]
set -eu
cd "$(dirname "$0")/.."
mvn -q -B -ntp -pl bench -am -Pbench verify -DskipTests "-Dbench.args=${*:-.}"
