#!/usr/bin/env bash
# Sets the yard up as docs/operations.md says, below FOLDER instead of /etc, /var/lib and /srv: the environment from its
# template, the commands of the unit files word for word, the two sites of nginx, a certificate of a house authority.
# The code stays where it is and belongs to somebody else. Prints "ready", and stops when its input ends.
#   tests/Faults/production.sh FOLDER HTTP_PORT HTTPS_PORT DB_PORT HOST
set -euo pipefail
APP=$(cd "$(dirname "${BASH_SOURCE[0]}")/../.." && pwd)
for part in say settings stack; do source "$APP/ops/$part.sh"; done
FOLDER=$1 HTTP_PORT=$2 HTTPS_PORT=$3 DB_PORT=$4 HOST=$5
ETC=$FOLDER/etc LIB=$FOLDER/lib CERTIFICATES=$FOLDER/etc/certificates
DB_USERNAME=jade_app DB_PASSWORD=of-the-application DB_OWNER_USERNAME=jade_owner DB_OWNER_PASSWORD=of-the-owner
LOG_DIR=$FOLDER/log
mkdir -p "$LOG_DIR" "$ETC" "$LIB" "$FOLDER/nginx"
: >"$LOG_DIR/setup.log"
exec 9>/dev/null
trap 'stop_stack; exit 0' INT TERM
trap '[ "$STOPPING" = yes ] || stop_stack' EXIT

# Debian's mariadb.service stands already where a yard is set up.
STATE=$FOLDER/database-server WORKERS=2
mkdir -p "$STATE"
choose_users >&2
make_folders && stop_leftovers && write_configuration
[ -d "$STATE/database" ] || create_database_folder >/dev/null
{ launch_database && create_schema jade; } >&2

# The folder that systemd gives the unit (StateDirectory), and the user that docs/operations.md makes.
chmod 750 "$LIB"
[ -z "$WEB_USER" ] || chown "$WEB_USER:$WEB_USER" "$LIB"

# fill_in TEMPLATE TARGET: the places of a production machine are those of this folder.
fill_in() {
  sed -e "s|/srv/jade-ledger|$APP|g; s|/var/lib/jade-ledger|$LIB|g; s|/etc/jade-ledger|$ETC|g" \
    -e "s|@APP@|$APP|g; s|@STATE@|$LIB|g; s|@HTTP_PORT@|$HTTP_PORT|g; s|@HTTPS_PORT@|$HTTPS_PORT|g; s|@HOST@|$HOST|g" \
    -e "s|@CERTIFICATES@|$CERTIFICATES|g; s|@WORKERS@|2|g; s|@INSTANCE@||g; s|@FPM_USER@||g" \
    -e "s|/usr/sbin/php-fpm|$(command -v php-fpm8.2 | sed 's/8.2$//')|g" "$APP/ops/$1" >"$2"
}
fill_in production/environment "$ETC/environment"
key=$(head -c 32 /dev/urandom | base64)
sed -i -e "s|^APP_KEY=.*|APP_KEY=base64:$key|; s|^APP_URL=.*|APP_URL=https://$HOST:$HTTPS_PORT|" \
  -e "s|^YARD_NAME=.*|YARD_NAME=\"Heron Reach Hire\"|" \
  -e "s|^YARD_PLACE=.*|YARD_PLACE=\"Heron Reach\"|; s|^YARD_TIMEZONE=.*|YARD_TIMEZONE=Europe/London|" \
  -e "s|^DB_PORT=.*|DB_PORT=$DB_PORT|; s|^DB_PASSWORD=.*|DB_PASSWORD=$DB_PASSWORD|" "$ETC/environment"
echo "DB_OWNER_PASSWORD=$DB_OWNER_PASSWORD" >"$ETC/owner"
for file in php-fpm.conf nginx-headers.conf nginx-site.conf; do fill_in "$file" "$ETC/$file"; done
mkdir -p "$LIB" && cp "$ETC/nginx-headers.conf" "$LIB/nginx-headers.conf"
fill_in production/tls.conf "$ETC/tls.conf"
fill_in systemd/jade-fpm.service "$ETC/jade-fpm.service"
"$APP/ops/make-authority.sh" "$CERTIFICATES" "$HOST" >/dev/null 2>&1

# with FILE ... -- COMMAND: what systemd does with EnvironmentFile, User and UMask.
with() {
  local variables=() line
  while [ "$1" != -- ]; do
    while IFS= read -r line; do
      case "$line" in ''|\#*) continue ;; esac
      line=${line//\"/}
      variables+=("$line")
    done <"$1"
    shift
  done
  shift
  (umask 027; exec env -i PATH="$PATH" "${variables[@]}" "${AS_WEB[@]}" "$@")
}
unit() { sed -n "s/^$1=//p" "$ETC/jade-fpm.service"; }

{
  while IFS= read -r command; do
    # shellcheck disable=SC2086 # one word an argument, as systemd reads it
    with "$ETC/environment" -- $command
  done < <(unit ExecStartPre | grep mkdir)
  with "$ETC/environment" "$ETC/owner" -- php "$APP/artisan" migrate --force --database=owner
  with "$ETC/environment" "$ETC/owner" -- php "$APP/artisan" database:grant
  printf 'heron over the weir\n' | with "$ETC/environment" -- php "$APP/artisan" yard:add-lead orla "Orla Quill" OQ
  while IFS= read -r command; do
    # shellcheck disable=SC2086
    with "$ETC/environment" -- $command
  done < <(unit ExecStartPre)
} >>"$LOG_DIR/setup.log" 2>&1 || { cat "$LOG_DIR/setup.log" >&2; exit 1; }

# shellcheck disable=SC2046
with "$ETC/environment" -- setsid setpriv --pdeathsig TERM $(unit ExecStart) $([ "$DATABASE_USER" = root ] && echo -R) \
  >>"$LOG_DIR/fpm.out" 2>&1 9>&- &
PID[fpm]=$!
# Debian's nginx.conf, as far as it matters here; its www-data is in the group of the socket.
cat >"$FOLDER/nginx.conf" <<CONF
$([ "$(id -u)" != 0 ] || echo "user ${WEB_USER:-root};")
daemon off;
pid $FOLDER/nginx.pid;
error_log $LOG_DIR/nginx.log;
events { worker_connections 256; }
http {
  include /etc/nginx/mime.types;
  default_type application/octet-stream;
  access_log off;
  client_body_temp_path $FOLDER/nginx/body; proxy_temp_path $FOLDER/nginx/proxy;
  fastcgi_temp_path $FOLDER/nginx/fastcgi;
  uwsgi_temp_path $FOLDER/nginx/uwsgi; scgi_temp_path $FOLDER/nginx/scgi;
  include $ETC/nginx-site.conf;
  include $ETC/tls.conf;
}
CONF
for _ in $(seq 400); do [ -S "$LIB/run/fpm.sock" ] && break; sleep 0.02; done
setsid setpriv --pdeathsig TERM nginx -p "$FOLDER" -e "$LOG_DIR/nginx.log" -c "$FOLDER/nginx.conf" \
  >>"$LOG_DIR/nginx.out" 2>&1 9>&- &
PID[nginx]=$!
for _ in $(seq 200); do
  curl -fsS -o /dev/null --cacert "$CERTIFICATES/house-root.crt" --resolve "$HOST:$HTTPS_PORT:127.0.0.1" \
    "https://$HOST:$HTTPS_PORT/api/health" 2>>"$LOG_DIR/curl.log" && break
  kill -0 "${PID[nginx]}" 2>/dev/null || { cat "$LOG_DIR/nginx.log" >&2; exit 1; }
  sleep 0.05
done
echo ready
cat >/dev/null
