#!/usr/bin/env bash
# Installs the front end's packages when the lock file is not the one that was installed.
set -eu
cd "$(dirname "$0")"
stamp=node_modules/.installed-lock
if ! cmp -s package-lock.json "$stamp"; then
  echo "Installing the front end's packages."
  npm ci --no-audit --no-fund
  cp package-lock.json "$stamp"
fi
