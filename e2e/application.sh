#!/usr/bin/env bash
# The application as it starts soonest, for tests that start it often: its libraries beside each other, its classes in an archive of the JVM's.
set -eu
to=target/application
rm -rf "$to"
java -Djarmode=tools -jar ../server/target/glimble.jar extract --destination "$to" >/dev/null
# A run that ends once everything is there says which classes those are.
java -XX:TieredStopAtLevel=1 -XX:ArchiveClassesAtExit="$to/glimble.jsa" -Dspring.context.exit=onRefresh -jar "$to/glimble.jar" --server.port=0 \
  --spring.datasource.url="${GLIMBLE_DB:-jdbc:mariadb://127.0.0.1:3307/glimble}" >"$to/archive.log" 2>&1 || { cat "$to/archive.log"; exit 1; }
