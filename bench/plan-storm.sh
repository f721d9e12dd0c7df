#!/usr/bin/env bash
# Plans of a thousand workshops against the checker, and of fifty small shops against the exact solver.
set -eu
cd "$(dirname "$0")/.."
mvn -q -B -ntp -pl core test -Dtest='BatchesTest,OptimalityTest' \
  "-Dironshelf.workshops=${1:-1000}" "-Dironshelf.shops=${2:-50}"
