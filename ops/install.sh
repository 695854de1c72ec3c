# What the application needs from outside: Debian packages, Composer packages, npm packages, and the built front end.

PHP_VERSION=8.2
NODE_NEEDED=20.19.0

debian_packages() {
  printf '%s\n' mariadb-server mariadb-client nginx openssl procps curl unzip git composer \
    php$PHP_VERSION-{cli,fpm,mysql,curl,zip,gd,bcmath,intl,mbstring,xml,apcu,igbinary}
  command -v node >/dev/null || printf '%s\n' nodejs
  command -v npm >/dev/null || printf '%s\n' npm
  [ "${WITH_CLUSTER:-no}" = yes ] && printf '%s\n' galera-4 rsync redis-server php$PHP_VERSION-redis
  [ "${WITH_BROWSER:-no}" = yes ] && printf '%s\n' chromium chromium-driver xz-utils
  return 0
}

missing_debian_packages() {
  local package
  for package in $(debian_packages); do
    case "$package" in composer) command -v composer >/dev/null && continue ;; esac
    dpkg-query -W -f='${Status}' "$package" 2>/dev/null | grep -q 'install ok installed' || printf '%s ' "$package"
  done
}

install_debian_packages() {
  local sudo=''
  if [ "$(id -u)" != 0 ]; then
    command -v sudo >/dev/null || { echo "Not root, and there is no sudo. As root: apt-get install $*"; return 1; }
    sudo=sudo
  fi
  $sudo apt-get update
  # policy-rc.d: the packages bring services that would take the usual ports; ours are started by hand.
  DEBIAN_FRONTEND=noninteractive $sudo apt-get install -y --no-install-recommends "$@"
}

composer_is_current() { [ -f "$APP/vendor/autoload.php" ] && cmp -s "$APP/composer.json" "$APP/vendor/.composer.json"; }

install_composer_packages() {
  (cd "$APP" && COMPOSER_ALLOW_SUPERUSER=1 composer install --no-interaction --no-progress --prefer-dist) || return 1
  # Archives hold files that only their owner may read; the web server runs as somebody else.
  chmod -R a+rX "$APP/vendor" && cp "$APP/composer.json" "$APP/vendor/.composer.json"
}

version_at_least() { [ "$(printf '%s\n%s\n' "$1" "$2" | sort -V | head -n1)" = "$1" ]; }

# Debian's own Node may be older than the build tools want; the npm package "node" carries a newer binary.
use_node() {
  local tools=$APP/storage/tools
  [ -x "$tools/node_modules/node/bin/node" ] && PATH="$tools/node_modules/node/bin:$PATH"
  export PATH
}

node_is_current() { command -v node >/dev/null && version_at_least "$NODE_NEEDED" "$(node --version | tr -d v)"; }

install_newer_node() {
  mkdir -p "$APP/storage/tools" && npm install --prefix "$APP/storage/tools" --no-progress node@20 && use_node && node_is_current
}

npm_is_current() { [ -f "$APP/node_modules/.package-lock.json" ] && cmp -s "$APP/package-lock.json" "$APP/node_modules/.installed-lock.json"; }

install_npm_packages() {
  (cd "$APP" && npm ci --no-progress --no-audit --no-fund) && cp "$APP/package-lock.json" "$APP/node_modules/.installed-lock.json"
}

front_end_is_current() {
  local built=$APP/public/hirer/index.html
  [ -f "$built" ] && [ -z "$(find "$APP/web" "$APP/api" "$APP/package.json" "$APP"/vite.*.ts \
    -newer "$built" -not -name schema.d.ts -type f -print -quit)" ]
}

build_front_end() { (cd "$APP" && npm run build && chmod -R a+rX public); }

install_everything() {
  local missing
  missing=$(missing_debian_packages)
  # shellcheck disable=SC2086
  [ -z "$missing" ] || step "Installing Debian packages" install_debian_packages $missing
  composer_is_current || step "Installing Composer packages" install_composer_packages
  use_node
  node_is_current || step "Installing Node $NODE_NEEDED or newer" install_newer_node
  npm_is_current || step "Installing npm packages" install_npm_packages
  front_end_is_current || step "Building the front end" build_front_end
}
