# Where a shop's data lies: outside the checkout, so that a new copy of the program finds it.
# Sourced after machine.sh with ROOT and LOG set.

# shop_home: the folder of the shop's data; BRASSKETTLE_HOME where that is set.
shop_home() {
  if [ -n "${BRASSKETTLE_HOME:-}" ]; then
    readlink -m "$BRASSKETTLE_HOME"
  elif [ "$(id -u)" = 0 ]; then
    echo /var/lib/brass-kettle
  else
    echo "${XDG_DATA_HOME:-$HOME/.local/share}/brass-kettle"
  fi
}

# earlier_home: the folder in which this checkout kept its database before; nothing when there is none.
earlier_home() {
  local d
  for d in "$ROOT/.data/postgres" "/var/lib/brasskettle-$(printf '%s' "$ROOT" | sha256sum | cut -c1-12)/postgres"; do
    # One that was copied elsewhere keeps its files and says where they went.
    if as_db test -d "$d/cluster" 2>/dev/null && [ ! -e "$d/moved" ]; then
      echo "$d"
      return
    fi
  done
}

# open_home: makes the folder, moves an earlier cluster into it once, and takes the database's programs of its own version.
# Sets HOME_DB. Whoever calls it holds the locks of start, so nobody else is moving or serving.
open_home() {
  local folder earlier
  folder=$(shop_home)
  mkdir -p "$folder"
  [ "$(id -u)" != 0 ] || chmod 711 "$folder"
  as_db test -x "$folder" 2>/dev/null ||
    fail "the database's account cannot enter $folder: set BRASSKETTLE_HOME to a folder that everybody may pass through"
  HOME_DB="$folder/postgres"
  earlier=$(earlier_home)
  if ! as_db test -d "$HOME_DB/cluster" && [ -n "$earlier" ]; then
    move_cluster "$earlier" "$HOME_DB"
  elif [ -n "$earlier" ]; then
    say "the database in $HOME_DB is used; an earlier one still lies in $earlier"
  fi
  mkdir -p "$HOME_DB"
  [ "$(id -u)" != 0 ] || chown postgres: "$HOME_DB"
  chmod 700 "$HOME_DB"
  match_postgres "$HOME_DB/cluster"
}

# move_cluster FROM TO: stopped, then renamed; from one disk to another copied, compared, and the first one kept.
move_cluster() {
  local from=$1 to=$2
  say "moving the database from $from to $to"
  match_postgres "$from/cluster"
  # A start that was killed may have left it running.
  if as_db test -f "$from/cluster/postmaster.pid"; then stop_cluster "$from"; fi
  if as_db test -f "$from/cluster/postmaster.pid" && as_db "$PGBIN/pg_ctl" -D "$from/cluster" status >/dev/null 2>&1; then
    fail "the database in $from does not stop; nothing was moved"
  fi
  if as_db test -e "$to"; then as_db rmdir "$to" || fail "$to is there and is not empty; nothing was moved"; fi
  if [ "$(stat -c %d "$from")" = "$(stat -c %d "$(dirname "$to")")" ]; then
    mv -T "$from" "$to"
  else
    rm -rf "$to.moving"
    cp -a "$from" "$to.moving" 2>"$LOG" || { tail -n 3 "$LOG" >&2; rm -rf "$to.moving"; fail "the database could not be copied; it stays in $from"; }
    sync "$to.moving"
    diff -rq "$from" "$to.moving" >"$LOG" 2>&1 || { rm -rf "$to.moving"; fail "the copy of the database differs; it stays in $from"; }
    mv -T "$to.moving" "$to"
    echo "$to" >"$from/moved"
    say "the files it was copied from stay in $from; delete them when the shop runs"
  fi
}

# match_postgres CLUSTER: PGBIN of the version that made it; another version's programs would refuse it, or worse.
match_postgres() {
  local made have
  need_postgres
  as_db test -f "$1/PG_VERSION" || return 0
  made=$(as_db cat "$1/PG_VERSION")
  if [ -x "/usr/lib/postgresql/$made/bin/postgres" ]; then PGBIN="/usr/lib/postgresql/$made/bin"; fi
  have=$("$PGBIN/postgres" --version | sed -n 's/[^0-9]*\([0-9]*\).*/\1/p')
  [ "$made" = "$have" ] && return
  fail "the database in $1 is of PostgreSQL $made and the programs here are of $have. Nothing was touched. Either install
   PostgreSQL $made beside it (apt-get install postgresql-$made), or run ./backup on a machine that has $made and ./restore here"
}

# stop_left FILE APP FOLDER: a start that was killed leaves its server behind, which keeps its port and its database. FILE names
# the server, the program it works in, its port and the data it serves. It is stopped where it is of this program or serves this
# data: a copied checkout brings the file of the one it was copied from, whose server is not its own. A number may be anybody's by now.
stop_left() {
  local pid where port folder
  { read -r pid where && read -r port && read -r folder; } 2>/dev/null <"$1" || [ -n "${where:-}" ] || return 0
  [ "$where" = "$(readlink -m "$2")" ] || { [ -n "$3" ] && [ "${folder:-}" = "$(readlink -m "$3")" ]; } || return 0
  grep -qs brass-kettle "/proc/$pid/cmdline" && [ "$(readlink "/proc/$pid/cwd")" = "$where" ] || return 0
  say "stopping the server that a killed start left behind"
  kill "$pid" 2>/dev/null || true
  for _ in $(seq 1 120); do
    kill -0 "$pid" 2>/dev/null || return 0
    sleep 0.5
  done
}
