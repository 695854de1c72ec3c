# Each step says what it does and how long it took; its own output goes to a log that is shown when it fails.

say() { printf '%s\n' "$*"; }
fail() { printf '\n%s\n' "$*" >&2; exit 1; }

# step "What it does" command [argument ...]
step() {
  local what=$1 began ended status
  shift
  printf '  %-58s' "$what"
  began=$(date +%s%N)
  set +e
  # In this shell, so that a step may set variables; the lock is not inherited.
  "$@" >"$LOG_DIR/step.log" 2>&1 9>&-
  status=$?
  set -e
  ended=$(date +%s%N)
  cat "$LOG_DIR/step.log" >>"$LOG_DIR/setup.log"
  if [ "$status" != 0 ]; then
    printf 'failed\n\n'
    tail -n 40 "$LOG_DIR/step.log" >&2
    fail "\"$what\" failed. The whole output is in $LOG_DIR/setup.log."
  fi
  printf '%6.1f s\n' "$(awk "BEGIN { print ($ended - $began) / 1e9 }")"
}
