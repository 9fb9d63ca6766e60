# What the trials of a running server share: the programs, unpacked; a server on a port. Sourced after machine.sh with ROOT and LOG set.

build_trials() {
  (cd "$ROOT" && mvn -q -B -DskipTests -Dspotless.check.skip=true -pl core,planner,web,server package &&
    mvn -q -B -Pmeasurements -DskipTests -Dspotless.check.skip=true -pl core,planner,measurements package) >"$LOG" 2>&1 </dev/null ||
    { tail -n 20 "$LOG" >&2; fail "the build failed"; }
  WORK=$(mktemp -d)
}

# unpack_server: with an archive of its classes, as ./start does it: a hundred starts take minutes. Needs the database's variables.
unpack_server() {
  java -Djarmode=tools -jar "$SERVER_JAR" extract --destination "$WORK" >/dev/null
  mv "$WORK"/brass-kettle-server-*.jar "$WORK/server.jar"
  java -Xmx256m -XX:+UseSerialGC -XX:ArchiveClassesAtExit="$WORK/classes.jsa" -Dspring.context.exit=onRefresh -jar "$WORK/server.jar" \
    --server.port=0 >"$LOG" 2>&1 </dev/null || say "no archive of classes; starts take longer"
}

trial() { java -cp "$ROOT/measurements/target/measurements.jar" "app.brasskettle.measurements.$1" "${@:2}"; }

# serve PORT: a demonstration on PORT; sets PORT and SERVER once it answers in health.
serve() {
  PORT=$1
  java -Xmx256m -XX:+UseSerialGC -XX:+ExitOnOutOfMemoryError -Xlog:gc:file="$WORK/gc.log" -jar "$WORK/server.jar" \
    --server.port="$PORT" --brasskettle.demo=true >"$ROOT/.data/trial-server.log" 2>&1 </dev/null &
  SERVER=$!
  for _ in $(seq 1 240); do
    node -e "fetch('http://127.0.0.1:$PORT/actuator/health').then(r => process.exit(r.ok ? 0 : 1), () => process.exit(1))" && return
    sleep 0.5
  done
  fail "the server does not answer"
}
