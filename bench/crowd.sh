#!/usr/bin/env bash
# Fifty clients at once beside 200 connections that say nothing: crowd.sh [seconds]
set -eu
cd "$(dirname "$0")/.."
echo "Building, then ${1:-600} seconds of fifty clients."
mvn -B -ntp -pl app -am test -Dtest=CrowdTest -Dsurefire.failIfNoSpecifiedTests=false \
  "-Dironshelf.crowd-seconds=${1:-600}" 2>/dev/null | grep -E "reads|Tests run:.*Time|ERROR"
