#!/usr/bin/env bash
# Makes docs/screenshots anew from the demo.
set -eu
cd "$(dirname "$0")/.."
folder="$PWD/docs/screenshots"
mvn -q -B -ntp -pl e2e -am package -DskipTests
mvn -q -B -ntp -pl e2e -am verify -DskipTests -Dscreenshots="$folder"
