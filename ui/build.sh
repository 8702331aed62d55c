#!/usr/bin/env bash
# Builds the user interface into dist. Packages are installed only when the lock file has changed.
set -euo pipefail
cd "$(dirname "$0")"
stamp=node_modules/.installed
lock=$(sha1sum package-lock.json .npmrc)
if [ "$(cat "$stamp" 2>/dev/null || true)" != "$lock" ]; then
  npm ci --no-audit --no-fund --loglevel=error
  echo "$lock" >"$stamp"
fi
npm run --silent build
