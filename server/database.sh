#!/usr/bin/env bash
# Makes a database of that name for a test, in the place of one there may be: database.sh NAME [SQL], with what that file has. Prints its address.
set -eu
server=${GLIMBLE_DB:-jdbc:mariadb://127.0.0.1:3307/glimble}
server=${server%/*}
address=${server#*//}
sql() { mariadb --no-defaults --protocol=tcp --host="${address%:*}" --port="${address#*:}" -uroot "$@"; }
sql -e "drop database if exists $1; create database $1"
if [ -n "${2:-}" ]; then
  sql "$1" <"$2"
  # It is another house, whose graphics are its own.
  sql "$1" -e 'update house_id set id = left(sha2(uuid(), 256), 12)'
fi
echo "$server/$1"
