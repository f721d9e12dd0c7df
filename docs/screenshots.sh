#!/usr/bin/env bash
# Makes docs/screenshots anew from the demo, or those of them that are named: screenshots.sh [name ...]
set -eu
cd "$(dirname "$0")/.."
mkdir -p docs/screenshots
PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD=1 mvn -q -B -ntp -pl e2e -am -Pmain verify -DskipTests \
  -Dmain=Screenshots "-Dmain.args=$PWD/docs/screenshots $*"
