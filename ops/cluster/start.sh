#!/usr/bin/env bash
# A yard on several nodes, all on this machine, for the tests and for trying: three MariaDB nodes in a Galera cluster,
# Redis, an object store for photos, and two web nodes behind a balancer. Everything lives below FOLDER.
#   ops/cluster/start.sh FOLDER [PORT]
# It prints "ready URL" and reads one command a line, each answered with "done" or "failed": kill-database N,
# launch-database N, kill-web N, launch-web N, artisan N ARGUMENTS (on web node N), sql N STATEMENT.
set -euo pipefail
APP=$(cd "$(dirname "${BASH_SOURCE[0]}")/../.." && pwd)
cd "$APP"
for part in say settings stack; do source "ops/$part.sh"; done

FOLDER=$1 BASE=${2:-8500}
BALANCER_PORT=$BASE WEB_PORT_1=$((BASE + 1)) WEB_PORT_2=$((BASE + 2)) REDIS_PORT=$((BASE + 3)) STORE_PORT=$((BASE + 4))
export DB_DATABASE=jade DB_USERNAME=jade_app DB_OWNER_USERNAME=jade_owner
export DB_PASSWORD=${DB_PASSWORD:-application} DB_OWNER_PASSWORD=${DB_OWNER_PASSWORD:-owner}
export DB_CONNECTION=mariadb DB_PERSISTENT=${DB_PERSISTENT:-true} APP_ENV=production APP_DEBUG=false
export LOG_CHANNEL=json LOG_LEVEL=warning
export APP_KEY=${APP_KEY:-base64:$(head -c 32 /dev/urandom | base64)}
export SESSION_DRIVER=redis SESSION_COOKIE=jade_session CACHE_STORE=redis CACHE_LIMITER=redis
export REDIS_HOST=127.0.0.1 REDIS_PORT
export QUEUE_CONNECTION=sync FILESYSTEM_DISK=local JADE_KEYS=$FOLDER/keys
export PHOTO_STORE=s3 PHOTO_S3_ENDPOINT=http://127.0.0.1:$STORE_PORT PHOTO_S3_REGION=us-east-1
export PHOTO_S3_BUCKET=yard PHOTO_S3_KEY=yard PHOTO_S3_SECRET=yard
export YARD_NAME=${YARD_NAME:-"Tern Quay Hire"} YARD_PLACE=${YARD_PLACE:-"Wennet estuary"}
export YARD_TIMEZONE=${YARD_TIMEZONE:-Europe/London}
LOG_DIR=$FOLDER/log
mkdir -p "$LOG_DIR" "$FOLDER"/{keys,objects,redis,nginx,run}
: >"$LOG_DIR/setup.log"
exec 9>/dev/null

stop_all() {
  local one
  for one in web-1 web-2 database-1 database-2 database-3; do
    [ ! -d "$FOLDER/$one" ] || { STATE=$FOLDER/$one; stop_leftovers; }
  done
  for one in balancer objects redis; do
    [ -z "${PID[$one]:-}" ] || kill -TERM "${PID[$one]}" 2>/dev/null || true
  done
  STATE=$FOLDER
  stop_stack
}
trap 'stop_all; exit 0' INT TERM
trap '[ "$STOPPING" = yes ] || stop_all' EXIT

db_port() { echo $((BASE + 10 + $1)); }
MEMBERS=127.0.0.1:$((BASE + 21)),127.0.0.1:$((BASE + 22)),127.0.0.1:$((BASE + 23))
export DB_NODES=127.0.0.1:$(db_port 1),127.0.0.1:$(db_port 2),127.0.0.1:$(db_port 3)

# fill_in TEMPLATE TARGET NAME ...: as fill does, with further names.
fill_in() {
  local text name
  text=$(<"$APP/ops/$1")
  for name in STATE NGINX_USER HTTP_PORT DB_PORT "${@:3}"; do text=${text//"@$name@"/"${!name-}"}; done
  printf '%s\n' "$text" >"$2"
}

# The folders of a database node; it is no member yet.
prepare_database() {
  NODE=$1 STATE=$FOLDER/database-$1 DB_PORT=$(db_port "$1") HTTP_PORT=0 WORKERS=1
  GROUP_PORT=$((BASE + 20 + NODE)) IST_PORT=$((BASE + 30 + NODE)) SST_PORT=$((BASE + 40 + NODE))
  mkdir -p "$STATE"
  choose_users && make_folders && write_configuration
  fill_in cluster/node.cnf "$STATE/node.cnf" NODE GROUP_PORT IST_PORT SST_PORT MEMBERS
  sed '/^innodb_flush_log_at_trx_commit/d' "$STATE/mariadb.cnf" >"$STATE/cluster.cnf"
  cat "$STATE/node.cnf" >>"$STATE/cluster.cnf"
  [ -d "$STATE/database" ] || create_database_folder
}

is_member() {
  [ "$(as_database_root -N -e "show status like 'wsrep_local_state_comment'" 2>/dev/null | cut -f2)" = Synced ]
}

# launch_node N [OPTION ...]
launch_node() {
  local node=$1 user=()
  shift
  STATE=$FOLDER/database-$node
  choose_users
  [ "$DATABASE_USER" = root ] && user=(--user=root)
  "${AS_DATABASE[@]}" mariadbd --defaults-file="$STATE/cluster.cnf" "${user[@]}" "$@" \
    >>"$STATE/log/database.log" 2>&1 9>&- </dev/null &
  PID[database-$node]=$!
  for _ in $(seq 1200); do
    is_member && return 0
    kill -0 "${PID[database-$node]}" 2>/dev/null || { tail -n 30 "$STATE/log/database.log"; return 1; }
    sleep 0.05
  done
  return 1
}

start_databases() {
  local node
  for node in 1 2 3; do prepare_database $node || return 1; done
  launch_node 1 --wsrep-new-cluster || return 1
  STATE=$FOLDER/database-1 create_schema "$DB_DATABASE"
}

# The others copy a schema that stands: an applier that replays the migrations was seen to take memory without end.
join_databases() { launch_node 2 && launch_node 3; }

launch_redis() {
  STATE=$FOLDER
  fill_in cluster/redis.conf "$FOLDER/redis.conf" REDIS_PORT
  setsid setpriv --pdeathsig TERM redis-server "$FOLDER/redis.conf" >>"$LOG_DIR/redis.log" 2>&1 9>&- </dev/null &
  PID[redis]=$!
  for _ in $(seq 200); do redis-cli -p "$REDIS_PORT" ping 2>/dev/null | grep -q PONG && return 0; sleep 0.02; done
  return 1
}

launch_object_store() {
  OBJECT_STORE_FOLDER=$FOLDER/objects OBJECT_STORE_KEY=yard PHP_CLI_SERVER_WORKERS=4 \
    setsid setpriv --pdeathsig TERM php -S "127.0.0.1:$STORE_PORT" "$APP/app/Simulators/object-store.php" \
    >>"$LOG_DIR/objects.log" 2>&1 9>&- </dev/null &
  PID[objects]=$!
}

# on_web N: the folder, the port and the environment of a web node.
on_web() {
  local port=WEB_PORT_$1
  STATE=$FOLDER/web-$1 HTTP_PORT=${!port} DB_PORT=0 WORKERS=${WORKERS_OF_A_NODE:-6}
  mkdir -p "$STATE"
  choose_users && make_folders
  [ -z "$WEB_USER" ] || chown -R "$WEB_USER" "$FOLDER/keys"
  INSTANCE=$(random_text 24)
  export_application_environment
  export APP_URL=http://127.0.0.1:$BALANCER_PORT
}

launch_web_node() {
  on_web "$1"
  write_configuration
  stop_leftovers
  compile_application && launch_web || return 1
  PID[fpm-$1]=${PID[fpm]} PID[nginx-$1]=${PID[nginx]}
  unset 'PID[fpm]' 'PID[nginx]'
}

migrate_cluster() { on_web 1; migrate; }

launch_balancer() {
  STATE=$FOLDER HTTP_PORT=$BALANCER_PORT
  mkdir -p "$STATE/log"
  write_nginx_user
  fill_in cluster/balancer.conf "$FOLDER/balancer.conf" WEB_PORT_1 WEB_PORT_2
  setsid setpriv --pdeathsig TERM nginx -p "$FOLDER" -e "$LOG_DIR/balancer.log" -c "$FOLDER/balancer.conf" \
    >>"$LOG_DIR/balancer.out" 2>&1 9>&- </dev/null &
  PID[balancer]=$!
  for _ in $(seq 200); do
    curl -fsS -o /dev/null "http://127.0.0.1:$BALANCER_PORT/api/session" && return 0
    sleep 0.05
  done
  return 1
}
write_nginx_user() {
  NGINX_USER=''
  if [ -n "$WEB_USER" ]; then
    NGINX_USER="user $WEB_USER;"
  elif [ "$(id -u)" = 0 ]; then
    NGINX_USER='user root;'
  fi
}

kill_process() { kill -KILL "${PID[$1]}" 2>/dev/null; wait "${PID[$1]}" 2>/dev/null; return 0; }
kill_web() {
  pkill -KILL -P "${PID[fpm-$1]}" 2>/dev/null
  pkill -KILL -P "${PID[nginx-$1]}" 2>/dev/null
  kill_process "fpm-$1"; kill_process "nginx-$1"
  STATE=$FOLDER/web-$1; stop_leftovers
}
artisan_on() { local node=$1; shift; on_web "$node"; artisan "$@"; }
sql_on() { local node=$1; shift; STATE=$FOLDER/database-$node; as_database_root -N "$DB_DATABASE" -e "$*"; }

{
  step "Starting the first MariaDB node" start_databases
  step "Starting Redis" launch_redis
  step "Starting the object store" launch_object_store
  step "Bringing the schema up to date" migrate_cluster
  step "Starting two more MariaDB nodes" join_databases
  step "Starting web node 1 on port $WEB_PORT_1" launch_web_node 1
  step "Starting web node 2 on port $WEB_PORT_2" launch_web_node 2
  step "Starting the balancer on port $BALANCER_PORT" launch_balancer
} >&2
echo "ready http://127.0.0.1:$BALANCER_PORT"

answer() { if "$@" >&2; then echo "done"; else echo "failed"; fi; }
while read -r command arguments; do
  # shellcheck disable=SC2086 # one word an argument
  case "$command" in
    kill-database) answer kill_process "database-$arguments" ;;
    launch-database) answer launch_node $arguments ;;
    kill-web) answer kill_web $arguments ;;
    launch-web) answer launch_web_node $arguments ;;
    artisan) answer artisan_on $arguments ;;
    sql) answer sql_on $arguments ;;
    *) echo "failed" ;;
  esac
done
