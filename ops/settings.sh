# Settings come from .env in the project's folder; what is already in the environment wins.

random_text() { head -c "$1" /dev/urandom | base64 | tr -dc 'A-Za-z0-9' | head -c "$1"; }

write_env_file() {
  [ -f "$APP/.env" ] && return 0
  umask 077
  sed -e "s|^APP_KEY=.*|APP_KEY=base64:$(head -c 32 /dev/urandom | base64)|" \
      -e "s|^DB_PASSWORD=.*|DB_PASSWORD=$(random_text 32)|" \
      -e "s|^DB_OWNER_PASSWORD=.*|DB_OWNER_PASSWORD=$(random_text 32)|" "$APP/.env.example" >"$APP/.env"
  umask 022
}

# Reads KEY=VALUE lines; a variable that the environment already has is left alone.
read_env_file() {
  local key value
  while IFS='=' read -r key value; do
    case "$key" in ''|\#*) continue ;; esac
    value=${value%\"}; value=${value#\"}
    [ -n "${!key+x}" ] || export "$key=$value"
  done <"$APP/.env"
}

port_is_taken() { (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

# known_port VARIABLE: another port is another address, and what browsers keep for the yard stays behind at the old one.
known_port() {
  port_is_taken "${!1}" || return 0
  fail "Port ${!1} is taken by another program. Stop it and start again. Or set $1 in .env to a free port: browsers then know
the yard under a new address, and what they still hold for the old one is posted only from there."
}

# next_free_port VARIABLE: moves the port on when somebody else has it, and says so. One that was given to another
# variable before is nobody's yet, and taken all the same.
next_free_port() {
  local name=$1 port=${!1} tries=0
  while port_is_taken "$port" || [[ " ${GIVEN_PORTS:-} " == *" $port "* ]]; do
    tries=$((tries + 1)); port=$((port + 1))
    [ "$tries" -lt 50 ] || fail "Ports ${!1} to $port are all taken. Set $name in .env to a free one."
  done
  [ "$port" = "${!1}" ] || say "  Port ${!1} is taken; $name is $port this time."
  GIVEN_PORTS="${GIVEN_PORTS:-} $port"
  export "$name=$port"
}
