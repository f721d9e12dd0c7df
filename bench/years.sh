#!/usr/bin/env bash
# How long pages' data takes with years of a shop behind it.
#   years.sh grow FOLDER 5       lays five years into a demo's data folder, which must be stopped
#   years.sh measure ADDRESS FOLDER   asks a running shop, and a copy of its folder beside it
set -eu
cd "$(dirname "$0")/.."
what="${1:?grow or measure}"
# A season of the demo every twelve days is a busy shop: about 5 700 pieces a year.
if [ "$what" = grow ]; then
  args="grow $(cd "${2:?a data folder}" && pwd)/ironshelf.mv.db 1 $((${3:-5} * 365 / 12)) 12"
else
  args="measure ${2:?an address, for example http://127.0.0.1:8080} $(cd "${3:?a copy of its data folder}" && pwd)/ironshelf.mv.db"
fi
mvn -q -B -ntp -pl bench -am -Pbench verify -DskipTests -Dbench.main=ironshelf.bench.YearsOfShop "-Dbench.args=$args"
