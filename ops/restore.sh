#!/usr/bin/env bash
# Puts a backup into an empty database and photo store, and walks every chain of it.
#   ops/restore.sh BACKUP
# It refuses a database that has tables: nothing is ever restored over a yard that stands; and a backup that is not
# signed by the key whose public half is BACKUP_PUBLIC_KEY (by default JADE_KEYS/backup.pub, which belongs into no backup).
# An encrypted one is opened with BACKUP_DECRYPT_WITH, a file with the RSA private key. What was restored is compared
# with the checkpoints in JADE_CHECKPOINTS.
set -euo pipefail
APP=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)
for part in say settings; do source "$APP/ops/$part.sh"; done
[ ! -f "$APP/.env" ] || read_env_file
[ $# = 1 ] && [ -f "$1/SHA256SUMS" ] || fail "Name a backup, a folder that ops/backup.sh wrote: ops/restore.sh BACKUP"
: "${DB_HOST:=127.0.0.1}" "${DB_PORT:=23060}" "${DB_DATABASE:=jade}"
case "${STATE_DIR:-storage/yard}" in /*) state=$STATE_DIR ;; *) state=$APP/${STATE_DIR:-storage/yard} ;; esac
storage=${LARAVEL_STORAGE_PATH:-$state/storage}
public_key=${BACKUP_PUBLIC_KEY:-${JADE_KEYS:-$storage/app/keys}/backup.pub}

[ -f "$public_key" ] ||
  fail "The public key of the backups is not there: $public_key. Bring it along, or name it in BACKUP_PUBLIC_KEY."
is_signed() {
  [ -f "$1/SHA256SUMS.sig" ] && openssl pkeyutl -verify -rawin -pubin -inkey "$public_key" \
    -in "$1/SHA256SUMS" -sigfile "$1/SHA256SUMS.sig" >/dev/null 2>&1
}
is_signed "$1" || fail "The backup is not signed by this yard ($public_key).
It is not what it was when it was written, or of another yard."
# What is signed is all that counts: a file beside it is nobody's.
for file in "$1"/*; do
  name=$(basename "$file")
  case "$name" in SHA256SUMS|SHA256SUMS.sig) continue ;; esac
  grep -qF "  $name" "$1/SHA256SUMS" || fail "The backup holds $name, which was not in it when it was written."
done
(cd "$1" && sha256sum --check --quiet --strict SHA256SUMS) ||
  fail "The backup is not what it was when it was written. Take another one."
database() {
  MYSQL_PWD=$DB_OWNER_PASSWORD mariadb --no-defaults --host="$DB_HOST" --port="$DB_PORT" \
    --user="$DB_OWNER_USERNAME" --default-character-set=utf8mb4 "$DB_DATABASE" "$@"
}
tables=$(database --skip-column-names --batch -e 'show tables')
[ -z "$tables" ] || fail "The database $DB_DATABASE has tables. Restore into an empty one, and serve that."
# content NAME: of a file of the backup, opened where it is encrypted.
content() {
  if [ -f "$backup/$1" ]; then
    cat "$backup/$1"
  else
    openssl enc -d -aes-256-ctr -pbkdf2 -pass "file:$secret" -in "$backup/$1.enc"
  fi
}
backup=$1
if [ -f "$backup/secret.key" ]; then
  [ -f "${BACKUP_DECRYPT_WITH:-}" ] ||
    fail "The backup is encrypted. Name the file with the private key in BACKUP_DECRYPT_WITH."
  umask 077
  secret=$(mktemp)
  trap 'rm -f "$secret"' EXIT
  openssl pkeyutl -decrypt -inkey "$BACKUP_DECRYPT_WITH" -pkeyopt rsa_padding_mode:oaep \
    -pkeyopt rsa_oaep_md:sha256 -in "$backup/secret.key" -out "$secret" ||
    fail "The key in BACKUP_DECRYPT_WITH does not open this backup."
  umask 022
fi
content database.sql.gz | gunzip -c | database
if [ -f "$backup/photos.tar" ] || [ -f "$backup/photos.tar.enc" ]; then
  mkdir -p "$storage/app/private"
  content photos.tar | tar -C "$storage/app/private" --keep-old-files -xf -
fi
php "$APP/artisan" migrate --force --database=owner
php "$APP/artisan" database:grant
status=0
php "$APP/artisan" ledger:verify || status=1
php "$APP/artisan" photos:verify || status=1
[ "$status" = 0 ] || cat >&2 <<'SAID'
It is restored, but it is not all that was there: see above. Entries after the backup may still wait on tablets.
SAID
exit "$status"
