#!/usr/bin/env bash
# Checks and tests the user interface, what is independent side by side. Ends with 1 if anything is wrong, after everything has said so.
set -u
npm run --silent types || exit 1
checks=("prettier --check --log-level warn ." "eslint ." "svelte-check --tsconfig ./tsconfig.json --output human --fail-on-warnings" "vitest run")
running=()
for check in "${checks[@]}"; do
  # shellcheck disable=SC2086
  npx $check &
  running+=($!)
done
wrong=0
for one in "${running[@]}"; do wait "$one" || wrong=1; done
exit $wrong
