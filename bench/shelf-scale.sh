#!/usr/bin/env bash
# Fills a running empty shop with live pieces and times its shelf: bench/shelf-scale.sh http://127.0.0.1:8080 3000
set -eu
cd "$(dirname "$0")/.."
mvn -q -B -ntp -pl bench -am -Pbench verify -DskipTests -Dbench.main=ironshelf.bench.ShelfScale "-Dbench.args=$1 ${2:-}"
