#!/usr/bin/env bash
# A yard of its own, apart from any that runs on this machine, for tests that break it and for measuring. Servers, database
# and files live below FOLDER; nothing else is touched. It reads one command a line and answers "done" or "failed".
#   ops/apart.sh FOLDER HTTP_PORT DB_PORT
# Commands: kill-database (SIGKILL), launch-database, kill-workers (SIGKILL to every php-fpm worker),
# empty-database, artisan ARGUMENTS
set -euo pipefail
APP=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)
cd "$APP"
for part in say settings stack; do source "ops/$part.sh"; done

STATE=$1
export STATE HTTP_PORT=$2 DB_PORT=$3 DB_DATABASE=jade_apart
LOG_DIR=$STATE/log
mkdir -p "$LOG_DIR"
: >"$LOG_DIR/setup.log"
exec 9>/dev/null
trap 'stop_stack; exit 0' INT TERM
trap '[ "$STOPPING" = yes ] || stop_stack' EXIT

{
  start_stack "$DB_DATABASE"
  step "Bringing the schema up to date" migrate
  step "Compiling catalogue, routes and configuration" compile_application
  step "Starting php-fpm and nginx on port $HTTP_PORT" launch_web
} >&2
echo "ready $HTTP_PORT $DB_PORT $STATE/storage"

empty_database() { as_database_root -e "drop database \`$DB_DATABASE\`" && create_schema "$DB_DATABASE"; }
answer() { if "$@" >&2; then echo "done"; else echo "failed"; fi; }
while read -r command arguments; do
  case "$command" in
    kill-database) answer kill_database ;;
    launch-database) answer launch_database ;;
    kill-workers) answer kill_workers ;;
    empty-database) answer empty_database ;;
    # shellcheck disable=SC2086 # one word an argument
    artisan) answer artisan $arguments ;;
    *) echo "failed" ;;
  esac
done
