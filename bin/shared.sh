# What bin/start and bin/test share. Sourced by them, from anywhere.
set -euo pipefail
shopt -s inherit_errexit

ROOT=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)
export PATH="$PATH:/usr/sbin:/sbin"

say() { printf 'glimble: %s\n' "$*"; }
die() { printf 'glimble: %s\n' "$*" >&2; exit 1; }

# True if version $1 is at least $2; both like 20.19.
at_least() { [ "$(printf '%s\n%s\n' "$2" "$1" | sort -V | head -n 1)" = "$2" ]; }

# Names everything that is missing or too old, with what to do about it.
check_tools() {
  local wrong=() version
  if command -v javac >/dev/null; then
    version=$(javac -version 2>&1 | sed 's/[^0-9]*\([0-9]*\).*/\1/')
    at_least "$version" 17 || wrong+=("Java 17 or newer is needed, this is $version: apt-get install openjdk-17-jdk-headless")
  else
    wrong+=("Java 17 is missing: apt-get install openjdk-17-jdk-headless")
  fi
  command -v mvn >/dev/null || wrong+=("Maven is missing: apt-get install maven")
  if command -v node >/dev/null; then
    version=$(node --version | tr -d v)
    at_least "$version" 20.19 || wrong+=("Node 20.19 or newer is needed, this is $version: install a newer Node.js and put it first on PATH")
  else
    wrong+=("Node is missing: install Node.js 20.19 or newer and put it on PATH")
  fi
  command -v npm >/dev/null || wrong+=("npm is missing: it comes with Node.js")
  [ ${#wrong[@]} -eq 0 ] && return
  printf 'glimble: %s\n' "${wrong[@]}" >&2
  die "install the above and run this again"
}

# Installs those Debian packages that are not there yet.
need_packages() {
  local missing=() package
  for package in "$@"; do
    dpkg-query -W -f='${Status}' "$package" 2>/dev/null | grep -q 'ok installed' || missing+=("$package")
  done
  [ ${#missing[@]} -eq 0 ] && return
  local as=""
  if [ "$(id -u)" -ne 0 ]; then
    sudo -n true 2>/dev/null || die "these packages are missing; run: sudo apt-get install ${missing[*]}"
    as="sudo"
  fi
  say "installing ${missing[*]}"
  $as apt-get update -qq
  DEBIAN_FRONTEND=noninteractive $as apt-get install -y -qq --no-install-recommends "${missing[@]}" >/dev/null
}

port_in_use() { (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

# The first free port from $1 on.
free_port() {
  local port=$1
  while port_in_use "$port"; do port=$((port + 1)); done
  echo "$port"
}

# Starts a MariaDB of our own on loopback, its data in $1, and says where it is in GLIMBLE_DB. Started again it has the same address.
start_database() {
  local home=$1 log="$1/error.log"
  local user=() ; [ "$(id -u)" -eq 0 ] && user=(--user=root)
  DB_HOME=$home
  # A server of an earlier run that was killed is stopped first.
  stop_database
  mkdir -p "$home"
  if [ ! -d "$home/data/mysql" ]; then
    say "making a database in ${home#"$ROOT"/}"
    rm -rf "$home/data"
    mariadb-install-db --no-defaults --datadir="$home/data" "${user[@]}" \
      --auth-root-authentication-method=normal --skip-test-db >"$home/install.log" 2>&1 ||
      die "the database could not be made; see $home/install.log"
  fi
  DB_PORT=$(free_port "${DB_PORT:-3307}")
  mariadbd --no-defaults "${user[@]}" --datadir="$home/data" --bind-address=127.0.0.1 --port="$DB_PORT" \
    --socket="$home/my.sock" --pid-file="$home/my.pid" --log-error="$log" --skip-log-bin --max-allowed-packet=64M \
    --character-set-server=utf8mb4 --collation-server=utf8mb4_unicode_ci --innodb-log-file-size=8M \
    9>&- >/dev/null 2>&1 &
  local tries=0
  until mariadb-admin --no-defaults --socket="$home/my.sock" -uroot ping >/dev/null 2>&1; do
    tries=$((tries + 1))
    [ $tries -lt 150 ] || die "the database does not start; see $log"
    sleep 0.2
  done
  mariadb --no-defaults --socket="$home/my.sock" -uroot -e 'create database if not exists glimble'
  export GLIMBLE_DB="jdbc:mariadb://127.0.0.1:$DB_PORT/glimble"
  say "MariaDB is on 127.0.0.1:$DB_PORT"
}

# Starts the database again whenever it dies, as long as the shell that began it. What it knows it has kept.
keep_database() {
  local home=$DB_HOME
  while sleep 1 && kill -0 $$ 2>/dev/null; do
    kill -0 "$(cat "$home/my.pid" 2>/dev/null || echo none)" 2>/dev/null && continue
    say "the database has died; it is started again"
    start_database "$home"
  done
}

# Runs a command until it is asked to end, and again whenever it ends otherwise: at once, and after several times in a row with pauses that
# grow. $1 is a command that tells whether it is ready, $2 what is done once it is; the process is in APP.
keep_running() {
  local ready=$1 then=$2 since code again=0 ever=no
  shift 2
  while true; do
    since=$SECONDS
    "$@" 9>&- &
    APP=$!
    until "$ready" || ! kill -0 "$APP" 2>/dev/null; do sleep 0.2; done
    if kill -0 "$APP" 2>/dev/null; then
      ever=yes
      "$then"
    fi
    code=0
    wait "$APP" || code=$?
    # 0 and 143 are those of an end that was asked for.
    case $code in 0 | 143) return ;; esac
    [ $ever = yes ] || die "the server did not start; what it said is above"
    if [ $((SECONDS - since)) -lt 30 ]; then again=$((again + 1)); else again=0; fi
    [ $again -lt 6 ] || die "the server has ended $again times in a row; what it said is above"
    say "the server has ended ($code); it is started again"
    sleep $again
  done
}

# Everything that is kept, as SQL, from the database with its data in $1 to standard output; nobody who works is kept waiting.
dump_database() {
  mariadb-dump --no-defaults --socket="$1/my.sock" -uroot --single-transaction --quick --hex-blob \
    --default-character-set=utf8mb4 --max-allowed-packet=64M glimble
}

# What dump_database wrote, from standard input, into an empty database with its data in $1.
load_database() {
  mariadb --no-defaults --socket="$1/my.sock" -uroot --default-character-set=utf8mb4 --max-allowed-packet=64M glimble
}

stop_database() {
  local pid_file="${DB_HOME:-}/my.pid" pid
  [ -n "${DB_HOME:-}" ] && [ -f "$pid_file" ] || return 0
  pid=$(cat "$pid_file")
  kill -TERM "$pid" 2>/dev/null || { rm -f "$pid_file"; return 0; }
  while kill -0 "$pid" 2>/dev/null; do sleep 0.1; done
}
