#!/usr/bin/env bash
# Puts a backup into an empty database and photo store, and walks every chain of it.
#   ops/restore.sh BACKUP
# It refuses a database that has tables: nothing is ever restored over a yard that stands.
set -euo pipefail
APP=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)
for part in say settings; do source "$APP/ops/$part.sh"; done
[ ! -f "$APP/.env" ] || read_env_file
[ $# = 1 ] && [ -f "$1/SHA256SUMS" ] || fail "Name a backup, a folder that ops/backup.sh wrote: ops/restore.sh BACKUP"
: "${DB_HOST:=127.0.0.1}" "${DB_PORT:=33060}" "${DB_DATABASE:=jade}"
case "${STATE_DIR:-storage/yard}" in /*) state=$STATE_DIR ;; *) state=$APP/${STATE_DIR:-storage/yard} ;; esac
storage=${LARAVEL_STORAGE_PATH:-$state/storage}

(cd "$1" && sha256sum --check --quiet --strict SHA256SUMS) || fail "The backup is not what it was when it was written. Take another one."
database() { MYSQL_PWD=$DB_OWNER_PASSWORD mariadb --no-defaults --host="$DB_HOST" --port="$DB_PORT" --user="$DB_OWNER_USERNAME" --default-character-set=utf8mb4 "$DB_DATABASE" "$@"; }
tables=$(database --skip-column-names --batch -e 'show tables')
[ -z "$tables" ] || fail "The database $DB_DATABASE has tables. Restore into an empty one, and serve that."
gunzip -c "$1/database.sql.gz" | database
if [ -f "$1/photos.tar" ]; then
  mkdir -p "$storage/app/private"
  tar -C "$storage/app/private" --keep-old-files -xf "$1/photos.tar"
fi
php "$APP/artisan" migrate --force --database=owner
php "$APP/artisan" database:grant
php "$APP/artisan" ledger:verify
php "$APP/artisan" photos:verify
