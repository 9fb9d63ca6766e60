# What backup and restore share: which database, and what tells two copies of it apart.
# Sourced after machine.sh and home.sh with ROOT and LOG set; whoever calls it stops the cluster where DB_OURS says so.

# reach NAME: sets what the database's own tools read, from BRASSKETTLE_DB_URL or for database NAME of the shop's own cluster.
reach() {
  if [ -n "${BRASSKETTLE_DB_URL:-}" ]; then
    need_postgres_client
    local rest=${BRASSKETTLE_DB_URL#jdbc:postgresql://}
    url_setting sslmode PGSSLMODE
    url_setting sslrootcert PGSSLROOTCERT
    rest=${rest%%\?*}
    PGDATABASE=${rest##*/}
    PGUSER=${BRASSKETTLE_DB_USER:-brasskettle} PGPASSWORD=${BRASSKETTLE_DB_PASSWORD:-}
    export PGUSER PGPASSWORD
    local hosts=${rest%/*} one
    for one in ${hosts//,/ }; do
      PGHOST=${one%:*} PGPORT=5432
      [ "$one" = "$PGHOST" ] || PGPORT=${one##*:}
      export PGHOST PGPORT
      # Of several machines the primary: a replica may not have heard yet of what was just made there.
      if [ "$one" = "$hosts" ] || [ "$(query postgres "select pg_is_in_recovery()" 2>/dev/null)" = f ]; then break; fi
      PGHOST=""
    done
    [ -n "$PGHOST" ] || fail "none of $hosts answers as a primary"
  else
    HOME_DB="$(shop_home)/postgres"
    as_db test -d "$HOME_DB/cluster" || fail "there is no database in $HOME_DB: ./start makes one, or moves an earlier one there"
    match_postgres "$HOME_DB/cluster"
    start_cluster "$HOME_DB" 5433
    BRASSKETTLE_DB_PASSWORD=$(as_db cat "$HOME_DB/password")
    PGHOST=127.0.0.1 PGPORT=$DB_PORT PGDATABASE=$1
    PGUSER=${BRASSKETTLE_DB_USER:-brasskettle} PGPASSWORD=$BRASSKETTLE_DB_PASSWORD
  fi
  export PGHOST PGPORT PGDATABASE PGUSER PGPASSWORD
}

# url_setting NAME VARIABLE: what BRASSKETTLE_DB_URL says of NAME, for the database's own tools.
url_setting() {
  local said
  said=$(grep -oE "[?&]$1=[^&]*" <<<"$BRASSKETTLE_DB_URL" | head -n 1) || return 0
  export "$2=${said#*=}"
}

# query DATABASE SQL: its answer, bare.
query() {
  "$PGBIN/psql" -X -q -At -v ON_ERROR_STOP=1 -d "$1" -c "$2" </dev/null
}

# A line for each table: its name, its rows, and a sum over what stands in them that no order of the rows changes.
FINGERPRINT="set timezone = 'UTC';
select format('select %L, count(*), coalesce(sum(hashtextextended(t::text, 0)::numeric), 0) from public.%I t',
  tablename, tablename) from pg_tables where schemaname = 'public' order by tablename \\gexec"

# fingerprint DATABASE
fingerprint() {
  printf '%s\n' "$FINGERPRINT" | "$PGBIN/psql" -X -q -At -v ON_ERROR_STOP=1 -d "$1"
}
