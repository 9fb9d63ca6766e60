# Two clusters of a trial, the primary and its replica. Sourced after machine.sh with LOG, PGBIN and BRASSKETTLE_DB_PASSWORD set, and
# HOMES and PORTS, two of each; a side is 0 or 1.

# rejoin SIDE: made anew from the other side, which it follows; that one then acknowledges nothing which is not on both.
rejoin() {
  local side=$1 other=$((1 - $1)) cluster="${HOMES[$1]}/cluster"
  stop_cluster "${HOMES[$side]}"
  as_db rm -rf "$cluster"
  as_db env PGPASSWORD="$BRASSKETTLE_DB_PASSWORD" "$PGBIN/pg_basebackup" -R -c fast -h 127.0.0.1 -p "${PORTS[$other]}" -U brasskettle \
    -D "$cluster" >"$LOG" 2>&1 </dev/null || { tail -n 5 "$LOG" >&2; fail "no replica could be made"; }
  # Once it is promoted it is alone.
  as_db sed -i /synchronous_standby_names/d "$cluster/postgresql.auto.conf"
  start_cluster "${HOMES[$side]}" "${PORTS[$side]}"
  local statement
  for statement in "alter system set synchronous_standby_names = '*'" "select pg_reload_conf()"; do
    PGPASSWORD="$BRASSKETTLE_DB_PASSWORD" "$PGBIN/psql" -X -qAt -v ON_ERROR_STOP=1 -h 127.0.0.1 -p "${PORTS[$other]}" -U brasskettle -d postgres \
      -c "$statement" >/dev/null </dev/null
  done
}

# fail_over SIDE: this side dies as by a cut of its power, and the other is promoted.
fail_over() {
  as_db "$PGBIN/pg_ctl" -D "${HOMES[$1]}/cluster" -m immediate -w stop >/dev/null 2>&1 </dev/null
  as_db "$PGBIN/pg_ctl" -D "${HOMES[$((1 - $1))]}/cluster" -w promote >/dev/null 2>&1 </dev/null
}
