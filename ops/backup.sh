#!/usr/bin/env bash
# Writes one backup below FOLDER: the database in one consistent dump, then the photos, then what they weigh and hash to.
#   ops/backup.sh FOLDER        prints the name of the backup
# Photos are only ever added and are named by their digest, so those that are copied after the dump hold all that it names.
# Photos in an S3 store are not copied: that store has its own versions and copies.
set -euo pipefail
APP=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)
for part in say settings; do source "$APP/ops/$part.sh"; done
[ ! -f "$APP/.env" ] || read_env_file
[ $# = 1 ] || fail "Say into which folder: ops/backup.sh FOLDER"
: "${DB_HOST:=127.0.0.1}" "${DB_PORT:=33060}" "${DB_DATABASE:=jade}"
case "${STATE_DIR:-storage/yard}" in /*) state=$STATE_DIR ;; *) state=$APP/${STATE_DIR:-storage/yard} ;; esac
storage=${LARAVEL_STORAGE_PATH:-$state/storage}

target=$1/$(date -u +%Y%m%dT%H%M%SZ)
umask 077
# Under another name until it is whole: a half backup is never taken for one.
draft=$target.part
mkdir -p "$draft"
dump() {
  MYSQL_PWD=$DB_OWNER_PASSWORD mariadb-dump --no-defaults --host="$DB_HOST" --port="$DB_PORT" --user="$DB_OWNER_USERNAME" \
    --single-transaction --no-tablespaces --hex-blob --triggers --default-character-set=utf8mb4 "$@"
}
# Who is signed in is nobody's business after a restore: of these only the tables.
passing=(sessions cache cache_locks)
{ dump "${passing[@]/#/--ignore-table=$DB_DATABASE.}" "$DB_DATABASE" && dump --no-data "$DB_DATABASE" "${passing[@]}"; } | gzip >"$draft/database.sql.gz"
if [ "${PHOTO_STORE:-local}" = local ]; then
  mkdir -p "$storage/app/private/photos"
  tar -C "$storage/app/private" -cf "$draft/photos.tar" photos
fi
(cd "$draft" && sha256sum -- * >SHA256SUMS)
mv "$draft" "$target"
echo "$target"
