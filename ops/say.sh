# Each step says what it does and how long it took; its own output goes to a log that is shown when it fails.

say() { printf '%s\n' "$*"; }
fail() { printf '\n%s\n' "$*" >&2; exit 1; }

# step "What it does" command [argument ...]
step() {
  local what=$1 log=$LOG_DIR/step${LANE:+-$LANE}.log began ended status
  shift
  # Where lanes run side by side, a line is written when it is whole.
  [ -n "${LANE:-}" ] || printf '  %-58s' "$what"
  began=$(date +%s%N)
  set +e
  # In this shell, so that a step may set variables; the lock is not inherited.
  "$@" >"$log" 2>&1 9>&-
  status=$?
  set -e
  ended=$(date +%s%N)
  cat "$log" >>"$LOG_DIR/setup.log"
  if [ "$status" != 0 ]; then
    [ -z "${LANE:-}" ] || printf '  %-58s' "$what"
    printf 'failed\n\n'
    tail -n 40 "$log" >&2
    fail "\"$what\" failed. The whole output is in $LOG_DIR/setup.log."
  fi
  [ -z "${LANE:-}" ] || printf '  %-58s' "$what"
  printf '%6.1f s\n' "$(awk "BEGIN { print ($ended - $began) / 1e9 }")"
}
