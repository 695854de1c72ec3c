# MariaDB, php-fpm and nginx on loopback, without systemd; each out of reach of the Ctrl-C that stop_stack answers. Everything they write is below $STATE.

declare -A PID=()
# What a yard goes on without.
declare -A SIDE_PID=()
DATABASE_OPTIONS=()
DATABASE_READY=no
STOPPING=no

# Root starts the servers as their own users, unless those cannot reach the project's folder.
choose_users() {
  AS_DATABASE=(setsid setpriv --pdeathsig TERM) AS_WEB=(env) DATABASE_USER='' WEB_USER=''
  [ "$(id -u)" = 0 ] || return 0
  chmod 755 "$STATE"
  if setpriv --reuid=mysql --regid=mysql --init-groups test -x "$STATE" && setpriv --reuid=www-data --regid=www-data --init-groups test -r "$APP/artisan"; then
    DATABASE_USER=mysql WEB_USER=www-data
    AS_DATABASE=(setsid setpriv --reuid=mysql --regid=mysql --init-groups --pdeathsig TERM)
    AS_WEB=(setpriv --reuid=www-data --regid=www-data --init-groups)
  else
    DATABASE_USER=root
    say "  The folder can be read by root only, so the servers run as root."
  fi
}

make_folders() {
  mkdir -p "$STATE"/{run,log,tmp,nginx,cache} "$STATE"/storage/{logs,app/private,framework/{cache/data,sessions,views}}
  if [ -n "$WEB_USER" ]; then
    chmod 1777 "$STATE/run" "$STATE/tmp"
    chown -R "$WEB_USER" "$STATE/storage" "$STATE/cache"
  fi
}

# fill TEMPLATE TARGET: replaces @NAME@ by the variable of that name.
fill() {
  local text name
  text=$(<"$APP/ops/$1")
  for name in APP STATE INSTANCE HTTP_PORT DB_PORT WORKERS NGINX_USER FPM_USER; do text=${text//"@$name@"/"${!name-}"}; done
  printf '%s\n' "$text" >"$2"
}

write_configuration() {
  NGINX_USER='' FPM_USER=''
  if [ -n "$WEB_USER" ]; then
    NGINX_USER="user $WEB_USER;"
    FPM_USER=$(printf 'user = %s\ngroup = %s\nlisten.owner = %s\nlisten.group = %s' "$WEB_USER" "$WEB_USER" "$WEB_USER" "$WEB_USER")
  elif [ "$(id -u)" = 0 ]; then
    NGINX_USER='user root;'
    FPM_USER=$(printf 'user = root\ngroup = root')
  fi
  fill mariadb.cnf "$STATE/mariadb.cnf"
  fill php-fpm.conf "$STATE/php-fpm.conf"
  fill nginx-headers.conf "$STATE/nginx-headers.conf"
  fill nginx-site.conf "$STATE/nginx-site.conf"
  fill nginx.conf "$STATE/nginx.conf"
}

# Workers outlive a master that was killed outright, and hold its port. They are ours where a file of our folder is open.
stop_orphans() {
  local folder pid orphans=()
  for folder in /proc/[0-9]*; do
    case "$(cat "$folder/comm" 2>/dev/null)" in nginx|php-fpm*|mariadbd) ;; *) continue ;; esac
    find "$folder/fd" -lname "$STATE/*" -print -quit 2>/dev/null | grep -q . && orphans+=("${folder#/proc/}")
  done
  for pid in ${orphans[@]+"${orphans[@]}"}; do kill -TERM "$pid" 2>/dev/null || true; done
  for pid in ${orphans[@]+"${orphans[@]}"}; do
    timeout 10 tail -s 0.1 --pid="$pid" -f /dev/null || kill -KILL "$pid" 2>/dev/null || true
  done
}

# Servers of a run that was killed: only processes that name our own folder are touched.
stop_leftovers() {
  local file pid
  for file in nginx fpm database; do
    pid=$(cat "$STATE/run/$file.pid" 2>/dev/null || true)
    if [ -n "$pid" ] && tr '\0' ' ' <"/proc/$pid/cmdline" 2>/dev/null | grep -qF "$STATE/"; then
      kill -TERM "$pid" 2>/dev/null || true
      timeout 20 tail -s 0.1 --pid="$pid" -f /dev/null || kill -KILL "$pid" 2>/dev/null || true
    fi
    rm -f "$STATE/run/$file.pid"
  done
  stop_orphans
  rm -f "$STATE/run/"*.sock
}

create_database_folder() {
  # Into a folder of another name first: a kill half way leaves no half database.
  rm -rf "$STATE/database.new" && mkdir "$STATE/database.new"
  [ "${DATABASE_USER:-root}" = root ] || chown "$DATABASE_USER" "$STATE/database.new"
  mariadb-install-db --no-defaults ${DATABASE_USER:+--user=$DATABASE_USER} --datadir="$STATE/database.new" \
    --auth-root-authentication-method=socket --auth-root-socket-user="$(id -un)" --skip-test-db --skip-name-resolve
  mv "$STATE/database.new" "$STATE/database"
}

as_database_root() { timeout 20 mariadb --no-defaults --connect-timeout=2 -u "$(id -un)" --socket="$STATE/run/database.sock" "$@"; }

launch_database() {
  local user=()
  [ "$DATABASE_USER" = root ] && user=(--user=root)
  "${AS_DATABASE[@]}" mariadbd --defaults-file="$STATE/mariadb.cnf" "${user[@]}" "${DATABASE_OPTIONS[@]}" >>"$STATE/log/database.log" 2>&1 9>&- &
  PID[database]=$!
  for _ in $(seq 1200); do
    as_database_root -e 'select 1' >/dev/null 2>&1 && { DATABASE_READY=yes; return 0; }
    kill -0 "${PID[database]}" 2>/dev/null || { tail -n 20 "$STATE/log/database.log"; return 1; }
    sleep 0.05
  done
  return 1
}

# The owner may do everything to the schema; what the application may do is said table by table, after the migrations.
create_schema() {
  local name
  for name in "$@"; do
    as_database_root <<SQL || return 1
create database if not exists \`$name\` character set utf8mb4 collate utf8mb4_unicode_ci;
create user if not exists '$DB_OWNER_USERNAME'@'127.0.0.1' identified by '$DB_OWNER_PASSWORD';
create user if not exists '$DB_USERNAME'@'127.0.0.1' identified by '$DB_PASSWORD';
alter user '$DB_OWNER_USERNAME'@'127.0.0.1' identified by '$DB_OWNER_PASSWORD';
alter user '$DB_USERNAME'@'127.0.0.1' identified by '$DB_PASSWORD';
grant all on \`$name\`.* to '$DB_OWNER_USERNAME'@'127.0.0.1' with grant option;
SQL
  done
}

export_application_environment() {
  export LARAVEL_STORAGE_PATH=$STATE/storage VIEW_COMPILED_PATH=$STATE/storage/framework/views
  export APP_SERVICES_CACHE=$STATE/cache/services.php APP_PACKAGES_CACHE=$STATE/cache/packages.php
  export APP_CONFIG_CACHE=$STATE/cache/config.php APP_ROUTES_CACHE=$STATE/cache/routes.php APP_EVENTS_CACHE=$STATE/cache/events.php
  export APP_URL=http://127.0.0.1:$HTTP_PORT DB_HOST=127.0.0.1 DB_PORT
}

# What it writes holds keys and what people entered: nobody else on the machine reads it.
artisan() { (umask 027; "${AS_WEB[@]}" php "$APP/artisan" "$@"); }

# For what computes for long: compiled once, and the core into machine code. What it writes itself, as the compiled
# catalogue, is newer than its beginning and would be compiled at each require without file_update_protection=0.
PHP_THAT_COMPUTES=(-d opcache.enable_cli=1 -d opcache.revalidate_freq=0 -d opcache.max_accelerated_files=20000
  -d opcache.memory_consumption=192 -d opcache.interned_strings_buffer=32 -d opcache.file_update_protection=0
  -d opcache.jit=tracing -d opcache.jit_buffer_size=128M)

seed_demo() { (umask 027; "${AS_WEB[@]}" php "${PHP_THAT_COMPUTES[@]}" "$APP/artisan" yard:seed-demo); }

migrate() { artisan migrate --force --database=owner && artisan database:grant; }

# Without the password of the owner of the schema: migrations and backups read it from the environment, the workers never.
compile_application() {
  artisan catalogue:compile && artisan contract:compile && DB_OWNER_PASSWORD='' artisan config:cache &&
    artisan event:cache && artisan route:cache
}

# The provider that ships is for the demo; a yard of one's own has one of its own, or none.
choose_telematics() {
  [ "${TELEMATICS_URL:-stand-in}" = stand-in ] || return 0
  export TELEMATICS_URL=""
  [ "${EMPTY:-no}" = no ] || return 0
  : "${TELEMATICS_PORT:=8095}"
  next_free_port TELEMATICS_PORT
  TELEMATICS_TOKEN=$(random_text 24)
  export TELEMATICS_TOKEN TELEMATICS_URL=http://127.0.0.1:$TELEMATICS_PORT/Fleet
  STAND_IN=yes
}

launch_telematics() {
  local fleet=$STATE/storage/app/private/telematics-fleet.json
  [ "${STAND_IN:-no}" = yes ] && [ -f "$fleet" ] || return 0
  TELEMATICS_FLEET=$fleet TELEMATICS_KEY=$TELEMATICS_TOKEN \
    setsid setpriv --pdeathsig TERM php -S "127.0.0.1:$TELEMATICS_PORT" "$APP/app/Simulators/telematics.php" \
    >>"$STATE/log/telematics.log" 2>&1 9>&- </dev/null &
  SIDE_PID[telematics]=$!
  say "  Telematics stand-in on port $TELEMATICS_PORT; its token is in this run's environment only"
}

# The mail server that ships keeps what it is given and sends none of it on.
choose_mail() {
  [ "${MAIL_HOST:-stand-in}" = stand-in ] || return 0
  : "${MAIL_PORT:=8025}" "${MAIL_PAGE_PORT:=8026}"
  next_free_port MAIL_PORT
  next_free_port MAIL_PAGE_PORT
  export MAIL_HOST=127.0.0.1 MAIL_PORT
  MAIL_STAND_IN=yes
}

launch_mail() {
  [ "${MAIL_STAND_IN:-no}" = yes ] || return 0
  setsid setpriv --pdeathsig TERM php "$APP/app/Simulators/mail.php" "$MAIL_PORT" "$MAIL_PAGE_PORT" "$STATE/mail" \
    >>"$STATE/log/mail.log" 2>&1 9>&- </dev/null &
  SIDE_PID[mail]=$!
  say "  Mail stand-in: what is sent is seen at http://127.0.0.1:$MAIL_PAGE_PORT"
}

# What a yard does by the clock: nightly checks, polls.
launch_schedule() {
  (umask 027
    { artisan telematics:poll; artisan service:forecast; } >>"$STATE/log/schedule.log" 2>&1 || true
    exec setsid "${AS_WEB[@]}" setpriv --pdeathsig TERM php "$APP/artisan" schedule:work \
      >>"$STATE/log/schedule.log" 2>&1 9>&- </dev/null) &
  SIDE_PID[schedule]=$!
}

launch_web() {
  local root=()
  [ "$DATABASE_USER" = root ] && root=(-R)
  (umask 027; exec setsid env -u DB_OWNER_PASSWORD setpriv --pdeathsig TERM php-fpm8.2 -F "${root[@]}" -y "$STATE/php-fpm.conf" -d opcache.enable=1 -d opcache.validate_timestamps="${OPCACHE_VALIDATE:-0}" \
    -d opcache.memory_consumption=192 -d opcache.max_accelerated_files=20000 -d opcache.interned_strings_buffer=16 -d realpath_cache_ttl=600 \
    -d apc.shm_size=64M -d apc.serializer=igbinary \
    -d memory_limit=512M -d upload_max_filesize=40M -d post_max_size=48M) >>"$STATE/log/fpm.out" 2>&1 9>&- &
  PID[fpm]=$!
  for _ in $(seq 400); do
    [ -S "$STATE/run/fpm.sock" ] && break
    kill -0 "${PID[fpm]}" 2>/dev/null || { tail -n 20 "$STATE/log/fpm.log" "$STATE/log/fpm.out"; return 1; }
    sleep 0.02
  done
  setsid setpriv --pdeathsig TERM nginx -p "$STATE" -e "$STATE/log/nginx.log" -c "$STATE/nginx.conf" >>"$STATE/log/nginx.out" 2>&1 9>&- &
  PID[nginx]=$!
  for _ in $(seq 200); do
    # Somebody else may have taken the port meanwhile: what answers there is ours where it knows this start.
    [ "$(curl -fsS "http://127.0.0.1:$HTTP_PORT/instance")" = "$INSTANCE" ] &&
      curl -fsS -o /dev/null "http://127.0.0.1:$HTTP_PORT/api/session" && return 0
    kill -0 "${PID[nginx]}" 2>/dev/null || { tail -n 20 "$STATE/log/nginx.log"; return 1; }
    sleep 0.05
  done
  tail -n 20 "$STATE/log/php.log" "$STATE/storage/logs/"*.log 2>/dev/null
  return 1
}

# What a power cut does, as far as a process can be cut.
kill_database() {
  kill -KILL "${PID[database]}"
  wait "${PID[database]}" || true
}

kill_workers() { pkill -KILL -P "${PID[fpm]}"; }

stop_stack() {
  STOPPING=yes
  trap '' INT TERM
  local name
  for name in "${!SIDE_PID[@]}"; do kill -TERM "${SIDE_PID[$name]}" 2>/dev/null || true; done
  for name in nginx fpm; do [ -n "${PID[$name]:-}" ] && kill -QUIT "${PID[$name]}" 2>/dev/null || true; done
  for name in nginx fpm; do
    [ -n "${PID[$name]:-}" ] && { timeout 8 tail -s 0.1 --pid="${PID[$name]}" -f /dev/null || kill -KILL "${PID[$name]}" 2>/dev/null || true; }
  done
  if [ -n "${PID[database]:-}" ]; then
    # A TERM that hits mariadbd while it starts can leave it hanging: a bounded wait, then KILL, from which it recovers.
    kill -TERM "${PID[database]}" 2>/dev/null || true
    timeout "$([ "$DATABASE_READY" = yes ] && echo 60 || echo 5)" tail -s 0.1 --pid="${PID[database]}" -f /dev/null || kill -KILL "${PID[database]}" 2>/dev/null || true
  fi
  wait 2>/dev/null || true
}

# One stack for one folder: a second one waits a little and then says who is in the way.
take_lock() {
  exec 9>"$STATE/lock"
  flock -w "${LOCK_WAIT:-15}" 9 || fail "Another run uses $STATE. Stop it first, or set STATE_DIR to another folder in .env."
}

# start_stack DATABASE [DATABASE ...]: the first one is the one that is served.
start_stack() {
  choose_users
  make_folders
  stop_leftovers
  next_free_port DB_PORT
  if [ "${PORTS:-free}" = known ]; then known_port HTTP_PORT; else next_free_port HTTP_PORT; fi
  INSTANCE=$(random_text 24)
  write_configuration
  export_application_environment
  # What was compiled for the last run names its ports and databases.
  rm -f "$STATE"/cache/*.php
  [ -d "$STATE/database" ] || step "Creating the database folder" create_database_folder
  step "Starting MariaDB on port $DB_PORT" launch_database
  step "Creating databases and users" create_schema "$@"
}
