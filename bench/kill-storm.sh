#!/usr/bin/env bash
# Clients that book while the server is killed at random moments: kill-storm.sh [rounds] [seed]
set -eu
cd "$(dirname "$0")/.."
echo "Building, then killing."
PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD=1 mvn -q -B -ntp -pl e2e -am -Pmain verify -DskipTests \
  -Dmain=KillStorm "-Dmain.args=${1:-200} ${2:-1}"
