# Known vulnerabilities of what is installed, where the lists can be reached; where they cannot, that is said and nothing is claimed.

# Advisories are asked for each package by name; an answer without any is one that was reached.
audit_composer() {
  local found status
  set +e
  found=$(cd "$APP" && COMPOSER_ALLOW_SUPERUSER=1 timeout 60 composer audit --no-interaction --format=json 2>"$LOG_DIR/audit.log")
  status=$?
  set -e
  case "$found" in
    *'"advisories"'*) [ "$status" = 0 ] || { echo "$found"; return 1; } ;;
    *) UNREACHED+=("composer audit") ;;
  esac
}

audit_npm() {
  local found high
  set +e
  found=$(cd "$APP" && timeout 60 npm audit --omit=dev --json 2>>"$LOG_DIR/audit.log")
  set -e
  high=$(printf '%s' "$found" | node -e '
    const answer = JSON.parse(require("fs").readFileSync(0, "utf8") || "{}");
    const found = answer.metadata?.vulnerabilities;
    console.log(found === undefined ? "unreached" : found.high + found.critical);' 2>/dev/null || echo unreached)
  case "$high" in
    unreached) UNREACHED+=("npm audit") ;;
    0) return 0 ;;
    *) echo "$found"; return 1 ;;
  esac
}

audit_packages() {
  UNREACHED=()
  step "Known vulnerabilities of PHP packages (composer audit)" audit_composer
  step "Known vulnerabilities of the front end's packages (npm audit)" audit_npm
  local one
  for one in "${UNREACHED[@]}"; do say "  Not checked: $one could not reach its list."; done
}
