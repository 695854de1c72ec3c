#!/usr/bin/env bash
# Writes one backup below FOLDER: the database in one consistent dump, then the photos, then what they weigh and hash to.
#   ops/backup.sh FOLDER        prints the name of the backup
# Photos are only ever added and are named by their digest, so those that are copied after the dump hold all that it names.
# Photos in an S3 store are not copied: that store has its own versions and copies.
# It is signed with JADE_KEYS/backup.key (Ed25519, made at the first backup), so that nobody who only reaches the
# backups can change one. With BACKUP_ENCRYPT_TO, a file with an RSA public key, it is encrypted, too.
set -euo pipefail
APP=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)
for part in say settings; do source "$APP/ops/$part.sh"; done
[ ! -f "$APP/.env" ] || read_env_file
[ $# = 1 ] || fail "Say into which folder: ops/backup.sh FOLDER"
: "${DB_HOST:=127.0.0.1}" "${DB_PORT:=23060}" "${DB_DATABASE:=jade}"
case "${STATE_DIR:-storage/yard}" in /*) state=$STATE_DIR ;; *) state=$APP/${STATE_DIR:-storage/yard} ;; esac
storage=${LARAVEL_STORAGE_PATH:-$state/storage}
keys=${JADE_KEYS:-$storage/app/keys}
[ -z "${BACKUP_ENCRYPT_TO:-}" ] || [ -f "$BACKUP_ENCRYPT_TO" ] ||
  fail "BACKUP_ENCRYPT_TO names no file: $BACKUP_ENCRYPT_TO"

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
# Encrypted first and signed then: what is signed is what lies there.
if [ -n "${BACKUP_ENCRYPT_TO:-}" ]; then
  secret=$(mktemp)
  trap 'rm -f "$secret"' EXIT
  openssl rand -base64 48 >"$secret"
  for file in "$draft"/*; do
    openssl enc -aes-256-ctr -pbkdf2 -salt -pass "file:$secret" -in "$file" -out "$file.enc"
    rm "$file"
  done
  openssl pkeyutl -encrypt -pubin -inkey "$BACKUP_ENCRYPT_TO" -pkeyopt rsa_padding_mode:oaep \
    -pkeyopt rsa_oaep_md:sha256 -in "$secret" -out "$draft/secret.key"
fi
(cd "$draft" && sha256sum -- * >SHA256SUMS)
if [ ! -f "$keys/backup.key" ]; then
  mkdir -p "$keys"
  openssl genpkey -algorithm ed25519 -out "$keys/backup.key"
  openssl pkey -in "$keys/backup.key" -pubout -out "$keys/backup.pub"
fi
openssl pkeyutl -sign -rawin -inkey "$keys/backup.key" -in "$draft/SHA256SUMS" -out "$draft/SHA256SUMS.sig"
mv "$draft" "$target"
echo "$target"
