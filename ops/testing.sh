# What bin/test is made of: the databases, the lanes, and what a change can reach.

lock_holds_no_host() {
  ! grep -q '"resolved"' package-lock.json || { echo "package-lock.json holds registry addresses."; return 1; }
}

TEST_DATABASES=(jade_test_1 jade_test_2 jade_browser_1 jade_browser_2)

# One schema is migrated and the others are copies of it: a copy takes a tenth of the time.
fresh_databases() {
  local name
  for name in "${TEST_DATABASES[@]}"; do
    as_database_root -e "drop database if exists \`$name\`" || return 1
  done
  create_schema "${TEST_DATABASES[@]}" || return 1
  DB_DATABASE=jade_test_1 migrate || return 1
  for name in "${TEST_DATABASES[@]:1}"; do
    mariadb-dump --no-defaults -u "$(id -un)" --socket="$STATE/run/database.sock" --triggers --routines jade_test_1 |
      as_database_root "$name" || return 1
    DB_DATABASE=$name migrate || return 1
  done
  rm -rf "$STATE/storage/app/private" && mkdir -p "$STATE/storage/app/private" &&
    { [ -z "$WEB_USER" ] || chown "$WEB_USER" "$STATE/storage/app/private"; }
}

start_test_databases() {
  # What a power cut does to a database is for Faults, which has one of its own.
  DATABASE_OPTIONS=(--innodb-flush-log-at-trx-commit=0 --debug-no-sync)
  start_stack "${TEST_DATABASES[@]}"
  step "Creating and migrating the test databases" fresh_databases
}

# The demo is told once, and copied before anybody touches it.
prepare_browser_yards() {
  export DB_DATABASE=jade_browser_1
  step "Compiling catalogue, routes and configuration" compile_application
  step "Seeding the demo yard for the browser" seed_demo
  step "Copying it for the second half of the stories" copy_demo
}

# With its keys: what the demo sealed is read in both.
copy_demo() {
  mariadb-dump --no-defaults -u "$(id -un)" --socket="$STATE/run/database.sock" --triggers --routines jade_browser_1 |
    as_database_root jade_browser_2 || return 1
  rm -rf "$STATE/second" && mkdir -p "$STATE/second/storage" &&
    cp -a "$STATE/storage/app" "$STATE/second/storage/app" &&
    DB_DATABASE=jade_browser_2 artisan database:grant
}

# The second yard has folders, servers and a port of its own.
enter_second_yard() {
  export DB_DATABASE=jade_browser_2 STATE=$STATE/second HTTP_PORT=$((HTTP_PORT + 20))
  make_folders
  next_free_port HTTP_PORT
  write_configuration
  export_application_environment
  step "Compiling for the second yard" compile_application
}

# The browser talks to the servers on jade_browser_1 and _2; all other tests run in processes of their own against
# jade_test_1, _2.
as_a_test_process() {
  export DB_DATABASE=jade_test BROWSER_URL=${APP_URL:-} TEST_DATABASE_PER_PROCESS=yes LARAVEL_STORAGE_PATH=$STATE/phpunit
  unset APP_CONFIG_CACHE APP_ROUTES_CACHE APP_EVENTS_CACHE APP_SERVICES_CACHE APP_PACKAGES_CACHE
}

# The environment of the served application would mislead pint, which is one of its kind.
plainly() { env -i PATH="$PATH" HOME="${HOME:-/root}" "$@"; }

static_checks() {
  mkdir -p storage/phpstan storage/phpstan-core
  step "Style of the PHP code (pint)" plainly vendor/bin/pint --test
  step "Lines of the PHP code (at most 120 columns)" plainly php ops/check-lines.php
  step "What is installed is what composer.json pins" plainly php ops/pin-packages.php --check
  # The core is held to more than the rest.
  step "Static analysis of the core (phpstan, level max)" plainly vendor/bin/phpstan analyse \
    -c phpstan-core.neon --memory-limit=1G --no-progress
  step "Static analysis and the inward-dependency rule (phpstan)" plainly vendor/bin/phpstan analyse \
    --memory-limit=1G --no-progress
}

front_end_checks() {
  step "Types of the front end (tsc)" plainly npm run types-checked
  step "Style of the front end (eslint)" plainly npm run lint
  step "Tests of the front end (vitest)" plainly npm test
}

# phpunit_suite NAME PROCESSES
phpunit_suite() {
  local name=$1 processes=$2 status
  local with=(--testsuite "$name" --log-junit "$LOG_DIR/junit-$name.xml" ${ARGUMENTS[@]+"${ARGUMENTS[@]}"})
  if [ "$processes" = 1 ]; then
    TEST_TOKEN=1 php "${PHP_THAT_COMPUTES[@]}" vendor/bin/phpunit "${with[@]}" >"$LOG_DIR/$name.out" 2>&1
  else
    vendor/bin/paratest --passthru-php="${PHP_THAT_COMPUTES[*]}" --processes="$processes" \
      "${with[@]}" >"$LOG_DIR/$name.out" 2>&1
  fi
  status=$?
  # A filter that fits no test of this suite may fit one of another.
  { [ "$status" != 0 ] && [ "${#ARGUMENTS[@]}" -gt 0 ] && grep -q 'No tests executed' "$LOG_DIR/$name.out"; } && return 0
  return "$status"
}

# suite NAME PROCESSES: a line that says how it went; what failed is shown at once and whole.
suite() {
  local name=$1 began ended status
  began=$(date +%s%N)
  phpunit_suite "$name" "$2"
  status=$?
  ended=$(date +%s%N)
  printf '  %-58s%6.1f s  %s\n' "$name$([ "$status" = 0 ] || echo ': FAILED')" "$(awk "BEGIN { print ($ended - $began) / 1e9 }")" \
    "$(grep -E '^(OK|Tests:)' "$LOG_DIR/$name.out" | tail -n 1)"
  [ "$status" = 0 ] || sed -n '/^There w/,$p' "$LOG_DIR/$name.out"
  return "$status"
}

# browser_half SUITE
browser_half() {
  step "Starting php-fpm and nginx on port $HTTP_PORT" launch_web
  set +e
  as_a_test_process
  suite "$1" 1
}

is_whole() { [ "${#WANTED[@]}" = "${#PARTS[@]}" ]; }

declare -A PROCESSES=([Core]=2 [Feature]=2 [Faults]=1 [Cluster]=1)

# Three lanes for two cores: a story in the browser waits more than it computes, as a hand does.
lane_of_code() {
  local failed=0 part
  LANE=code
  if is_wanted Static && ! is_whole; then (static_checks) || failed=1; fi
  if is_wanted Front; then (front_end_checks) || failed=1; fi
  if is_whole; then (audit_packages) || failed=1; fi
  for part in Core Feature Faults Cluster; do
    is_wanted "$part" || continue
    (as_a_test_process; suite "$part" "${PROCESSES[$part]}") || failed=1
  done
  return "$failed"
}

lane_of_the_browser() {
  LANE=browser
  is_wanted Browser || return 0
  (prepare_browser_yards) || { echo "not copied" >&8; return 1; }
  echo copied >&8
  export DB_DATABASE=jade_browser_1
  if [ "${#ARGUMENTS[@]}" = 0 ]; then browser_half BrowserFirst; else browser_half Browser; fi
}

# With a filter one half of the stories may be empty: they are run as one. In a whole run the static checks fill the
# time until the demo is told.
lane_of_the_second_browser() {
  local copied failed=0
  LANE=second
  if is_whole; then (static_checks) || failed=1; fi
  is_wanted Browser && [ "${#ARGUMENTS[@]}" = 0 ] || return "$failed"
  read -r copied <&8
  { [ "$copied" = copied ] && (enter_second_yard; browser_half BrowserSecond); } || failed=1
  return "$failed"
}

LANES=()
run_lanes() {
  local failed=0 lane
  # Through it the first lane of the browser says that the demo is told and copied.
  mkdir -p "$STATE/run" && rm -f "$STATE/run/copied" && mkfifo "$STATE/run/copied" && exec 8<>"$STATE/run/copied"
  lane_of_code & LANES+=($!)
  lane_of_the_browser & LANES+=($!)
  lane_of_the_second_browser & LANES+=($!)
  for lane in "${LANES[@]}"; do wait "$lane" || failed=1; done
  LANES=()
  return "$failed"
}

# A process and whatever it started: a suite that outlives its lane would keep the lock of the folder.
stop_tree() {
  local child
  for child in $(pgrep -P "$1"); do stop_tree "$child"; done
  kill "$1" 2>/dev/null || true
}

stop_lanes() {
  local lane
  for lane in "${LANES[@]}"; do stop_tree "$lane"; done
}

slowest_tests() {
  say ""
  say "Slowest tests:"
  php -r '
    $times = [];
    foreach (array_slice($argv, 1) as $file) {
        if (! is_file($file) || ($xml = @simplexml_load_file($file)) === false) { continue; }
        foreach ($xml->xpath("//testcase") as $case) { $times[basename(strtr((string) $case["class"], "\\", "/"))."::".$case["name"]] = (float) $case["time"]; }
    }
    arsort($times);
    foreach (array_slice($times, 0, 10) as $name => $seconds) { printf("  %6.1f s  %s\n", $seconds, mb_substr($name, 0, 140)); }
  ' "$LOG_DIR"/junit-*.xml
}

# The parts that what is not committed can reach. The browser reaches everything that is served, so it is only asked for
# where the interface itself, or what answers it, was changed.
affected_parts() {
  local changed
  changed=$(git -C "$APP" status --porcelain | cut -c4- | sed 's/.* -> //')
  touches() { grep -qE "$1" <<<"$changed"; }
  touches '^(core|app|database|config|routes|bootstrap|tests)/.*\.php$' && echo Static
  touches '^(web/|package|tsconfig|vite|eslint|api/)' && echo Front
  touches '^(core|catalogue|app/Catalogue|lang|tests/Core|tests/Support)/' && echo Core
  touches '^(core|app|database|config|routes|bootstrap|catalogue|api|lang|compat|tests/(Feature|Model|Support))/' && echo Feature
  touches '^(ops/|tests/Faults|app/Actions|app/Ledger|database/migrations)' && echo Faults
  touches '^(web/|app/Http|app/Presenters|tests/Browser|tests/Support/(Browser|Walks))' && echo Browser
  return 0
}
