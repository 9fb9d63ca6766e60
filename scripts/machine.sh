# What start and verify share: installing what is missing, a PostgreSQL of our own, free ports.
# Sourced with ROOT set to the checkout's folder.

say() { printf '%s\n' "-- $*"; }
fail() { printf '%s\n' "!! $*" >&2; exit 1; }

# install NAME...: Debian packages, when they are not there yet.
install() {
  command -v apt-get >/dev/null || fail "please install by hand: $*"
  say "installing $*"
  local run=""
  if [ "$(id -u)" != 0 ]; then
    sudo -n true 2>/dev/null || fail "not root, and sudo asks for a password. Install these first: apt-get install $*"
    run="sudo -n"
  fi
  if ! $run env DEBIAN_FRONTEND=noninteractive apt-get install -y --no-install-recommends "$@" >"$LOG" 2>&1; then
    $run apt-get update >"$LOG" 2>&1 || { tail -n 5 "$LOG" >&2; fail "the package lists could not be fetched"; }
    $run env DEBIAN_FRONTEND=noninteractive apt-get install -y --no-install-recommends "$@" >"$LOG" 2>&1 ||
      { tail -n 5 "$LOG" >&2; fail "could not install $*"; }
  fi
}

# The number of this program, and what the build leaves to be started: an older one may lie beside it.
# A release has no pom and needs neither.
NUMBER=$({ sed -n 's:^  <version>\(.*\)</version>:\1:p' "$ROOT/pom.xml" 2>/dev/null || true; } | head -n 1)
SERVER_JAR="$ROOT/server/target/brass-kettle-server-$NUMBER-app.jar"

need_tools() {
  local tool
  for tool in java javac mvn node npm flock; do
    command -v $tool >/dev/null || fail "$tool is missing: JDK 17, Maven and Node 20.19 must be there"
  done
  local version
  version=$(java -XshowSettings:properties -version 2>&1 | sed -n 's/.*java.specification.version = //p')
  [ "${version%%.*}" -ge 17 ] 2>/dev/null || fail "java is version $version; 17 or newer is needed"
  # Maven may run on another JDK than the one on the path.
  version=$(mvn -v 2>/dev/null | sed -n 's/^Java version: \([0-9]*\).*/\1/p')
  [ "${version:-0}" -ge 17 ] || fail "Maven runs on Java ${version:-unknown}; point JAVA_HOME to JDK 17 or newer"
  node -e "const [major, minor] = process.versions.node.split('.').map(Number);
    process.exit(major > 20 || (major === 20 && minor >= 19) ? 0 : 1)" ||
    fail "node is version $(node --version); 20.19 or newer is needed"
}

need_postgres() { need_programs postgresql initdb pg_ctl; }

# Whoever works on a database elsewhere needs no server of it here.
need_postgres_client() { need_programs postgresql-client psql pg_dump pg_restore; }

# need_programs PACKAGE PROGRAM...: PGBIN, the folder of the newest PostgreSQL that has them.
need_programs() {
  PGBIN=$(find_postgres "${@:2}")
  [ -n "$PGBIN" ] || { install "$1"; PGBIN=$(find_postgres "${@:2}"); }
  [ -n "$PGBIN" ] || fail "$1 was installed and ${*:2} still cannot be found"
}

find_postgres() {
  local d program
  for d in $(ls -d /usr/lib/postgresql/*/bin 2>/dev/null | sort -V -r) "$(dirname "$(command -v "$1" || echo /none/x)")"; do
    for program in "$@"; do [ -x "$d/$program" ] || continue 2; done
    echo "$d"
    return
  done
}

need_browser() {
  [ -x /usr/bin/chromium ] || install chromium
  fc-list 2>/dev/null | grep -qi liberation || install fonts-liberation fontconfig
}

# as_db COMMAND...: as an account that may run a database server; root may not.
as_db() {
  if [ "$(id -u)" = 0 ]; then (cd / && runuser -u postgres -- "$@"); else "$@"; fi
}

# free_port FROM: the first port from FROM on that nobody listens on.
free_port() {
  local port=$1
  while (exec 3<>"/dev/tcp/127.0.0.1/$port") 2>/dev/null; do port=$((port + 1)); done
  echo "$port"
}

# cluster_home NAME: a folder for a cluster that the database's account can reach.
cluster_home() {
  local home="$ROOT/.data/$1"
  if [ "$(id -u)" = 0 ]; then
    mkdir -p "$ROOT/.data"
    chmod 711 "$ROOT/.data"
    if ! runuser -u postgres -- test -x "$ROOT/.data" 2>/dev/null; then
      home="/var/lib/brasskettle-$(printf '%s' "$ROOT" | sha256sum | cut -c1-12)/$1"
    fi
    mkdir -p "$home"
    chown postgres: "$home"
  else
    mkdir -p "$home"
  fi
  chmod 700 "$home"
  echo "$home"
}

# make_cluster HOME: a cluster with a password of its own, complete or not there at all.
make_cluster() {
  local home=$1
  [ -d "$home/cluster" ] && return
  say "making a PostgreSQL cluster in $home"
  as_db rm -rf "$home/new"
  [ -s "$home/password" ] || head -c 18 /dev/urandom | base64 | tr '+/' '-_' | as_db tee "$home/password" >/dev/null
  as_db chmod 600 "$home/password"
  as_db "$PGBIN/initdb" -D "$home/new" -U brasskettle --pwfile="$home/password" --auth=scram-sha-256 \
    --encoding=UTF8 --locale=C.UTF-8 >"$LOG" 2>&1 </dev/null || { tail -n 5 "$LOG" >&2; fail "initdb failed"; }
  as_db mv "$home/new" "$home/cluster"
}

# start_cluster HOME PORT OPTIONS: starts it, or finds it running. Sets DB_PORT, and DB_OURS when this call started it. A trial may have it
# started through another command, DB_THROUGH.
start_cluster() {
  local home=$1 port=$2 options=${3:-}
  DB_OURS=""
  if [ -f "$home/cluster/postmaster.pid" ] || as_db test -f "$home/cluster/postmaster.pid"; then
    local pid
    pid=$(as_db head -n 1 "$home/cluster/postmaster.pid")
    # A number in a file may be anybody's by now: a postmaster works in its own data folder.
    if [ -n "$pid" ] && grep -qs postgres "/proc/$pid/comm" && ! grep -qs '^State:.Z' "/proc/$pid/status" &&
      [ "$(as_db readlink -f "/proc/$pid/cwd")" = "$(as_db readlink -f "$home/cluster")" ]; then
      DB_PORT=$(as_db sed -n 4p "$home/cluster/postmaster.pid")
      say "PostgreSQL runs already on port $DB_PORT"
      return
    fi
    as_db rm -f "$home/cluster/postmaster.pid"
  fi
  DB_PORT=$(free_port "$port")
  as_db ${DB_THROUGH:-} "$PGBIN/pg_ctl" -D "$home/cluster" -w -t 60 -l "$home/log" \
    -o "-p $DB_PORT -c listen_addresses=127.0.0.1 -c unix_socket_directories='' $options" start >/dev/null 2>&1 </dev/null 8>&- 9>&- ||
    { as_db tail -n 5 "$home/log" >&2; fail "PostgreSQL did not start"; }
  DB_OURS=yes
  say "PostgreSQL runs on 127.0.0.1:$DB_PORT"
}

stop_cluster() {
  as_db "$PGBIN/pg_ctl" -D "$1/cluster" -m fast -w stop >/dev/null 2>&1 </dev/null || true
}

# database HOME NAME: makes the database when it is not there; sets the variables the server reads.
database() {
  BRASSKETTLE_DB_PASSWORD=$(as_db cat "$1/password")
  export BRASSKETTLE_DB_PASSWORD BRASSKETTLE_DB_USER=brasskettle
  export BRASSKETTLE_DB_URL="jdbc:postgresql://127.0.0.1:$DB_PORT/$2"
  local there
  there=$(PGPASSWORD=$BRASSKETTLE_DB_PASSWORD "$PGBIN/psql" -h 127.0.0.1 -p "$DB_PORT" -U brasskettle -d postgres -Atc \
    "select 1 from pg_database where datname = '$2'") || fail "the database does not let us in"
  [ "$there" = 1 ] || PGPASSWORD=$BRASSKETTLE_DB_PASSWORD "$PGBIN/psql" -q -h 127.0.0.1 -p "$DB_PORT" -U brasskettle \
    -d postgres -c "create database $2"
}
