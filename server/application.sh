#!/usr/bin/env bash
# For tests that start the application often: it as it starts soonest, its libraries beside each other and its classes in an archive of the
# JVM's; and a database with the demo data, all of it proved, so that no other application proves them again.
source ../bin/shared.sh
to=target/application
rm -rf "$to" target/demo.sql
java -Djarmode=tools -jar target/glimble.jar extract --destination "$to" >/dev/null

database=$(bash database.sh glimble_template)
where=${database#*//}
where=(--no-defaults --protocol=tcp --host="${where%%:*}" --port="$(sed 's/.*:\([0-9]*\).*/\1/' <<<"$where")" -uroot)

# A run that ends once everything is there says which classes those are.
java -XX:TieredStopAtLevel=1 -XX:ArchiveClassesAtExit="$to/glimble.jsa" -Dspring.context.exit=onRefresh -jar "$to/glimble.jar" --server.port=0 \
  --spring.datasource.url="$database" >"$to/archive.log" 2>&1 || { cat "$to/archive.log"; exit 1; }

port=$(free_port 8290)
java -XX:SharedArchiveFile="$to/glimble.jsa" -jar "$to/glimble.jar" --server.port="$port" --spring.datasource.url="$database" >"$to/demo.log" 2>&1 &
application=$!
trap 'kill $application 2>/dev/null' EXIT
sql() { mariadb "${where[@]}" -N glimble_template -e "$1"; }
waits='select count(*) from scheduled_tasks where task_name = "proof"'
proved='select count(*) from proof join graphic on graphic.id = proof.graphic_id and graphic.revision = proof.revision'
until node -e "fetch('http://127.0.0.1:$port/api/graphics')" 2>/dev/null; do sleep 0.3; done
until [ "$(sql "$proved")" -gt 0 ] && [ "$(sql "$waits")" = 0 ]; do
  kill -0 $application 2>/dev/null || { cat "$to/demo.log"; exit 1; }
  # Proofs that somebody looks at take all processors.
  node -e "fetch('http://127.0.0.1:$port/api/proofs')"
  sleep 0.5
done
kill $application
wait $application || true
trap - EXIT
mariadb-dump "${where[@]}" --single-transaction --hex-blob glimble_template >target/demo.sql
