# What the machine has to have: Debian packages, PHP packages, Node packages, the built assets.
# shellcheck shell=bash

postgres_bin() { find /usr/lib/postgresql -maxdepth 2 -name bin 2>/dev/null | sort -V | tail -n 1; }

missing_debian_packages() {
    local modules extension
    command -v php >/dev/null || echo php-cli
    modules=$({ php -m 2>/dev/null || true; } | tr '[:upper:]' '[:lower:]')
    for extension in pdo_pgsql:pgsql mbstring:mbstring dom:xml intl:intl curl:curl zip:zip gd:gd; do
        grep -qx "${extension%%:*}" <<<"$modules" || echo "php-${extension##*:}"
    done
    command -v composer >/dev/null || echo composer
    [ -x "$(postgres_bin)/postgres" ] || echo postgresql
    command -v node >/dev/null || echo nodejs
    command -v npm >/dev/null || echo npm
    [ -x /usr/sbin/nginx ] || echo nginx-light
    compgen -G '/usr/sbin/php-fpm*' >/dev/null || echo php-fpm
    command -v supervisord >/dev/null || echo supervisor
    command -v pgrep >/dev/null || echo procps
    command -v unzip >/dev/null || echo unzip
    command -v curl >/dev/null || echo curl
    command -v gphoto2 >/dev/null || echo gphoto2
    command -v exiftool >/dev/null || echo libimage-exiftool-perl
    command -v ffmpeg >/dev/null || echo ffmpeg
    if [ "${1:-}" = with-browser ] && [ ! -x /usr/bin/chromium ]; then echo chromium; fi
    if [ "${1:-}" = with-browser ] && [ ! -x /usr/bin/chromium-headless-shell ]; then echo chromium-headless-shell; fi
}

ensure_debian_packages() {
    local list missing
    list=$(missing_debian_packages "${1:-}")
    mapfile -t missing < <(printf '%s' "$list")
    if [ "${#missing[@]}" -gt 0 ]; then
        command -v apt-get >/dev/null || fail "$(words packages_missing packages="${missing[*]}")" "$(words packages_missing_help)"
        tell installing packages="${missing[*]}"
        quietly "$(words package_lists)" as_root apt-get update -q
        quietly "$(words install packages="${missing[*]}")" as_root env DEBIAN_FRONTEND=noninteractive RUNLEVEL=1 apt-get install -y -q --no-install-recommends "${missing[@]}"
    fi
    php -r 'exit(PHP_VERSION_ID >= 80200 ? 0 : 1);' || fail "$(words php_too_old version="$(php -r 'echo PHP_VERSION;')")"
}

# For coverage alone: it slows everything down, and is loaded only where it is named.
ensure_pcov() {
    if php -d extension=pcov.so -m 2>/dev/null | grep -qx pcov; then return; fi
    quietly 'Installing php-pcov' as_root env DEBIAN_FRONTEND=noninteractive apt-get install -y -q --no-install-recommends php-pcov
    quietly 'Leaving php-pcov out of other commands' as_root phpdismod pcov
}

node_is_new_enough() { node -e 'process.exit(parseInt(process.versions.node, 10) >= 20 ? 0 : 1)' 2>/dev/null; }

# The asset builder needs Node.js 20. Debian 12's own is 18: then a newer one is put into var/, for Evrent alone.
ensure_node() {
    local folder="$VAR/node" package architecture
    if node_is_new_enough; then return; fi
    architecture=$(uname -m)
    package="node-linux-$([ "$architecture" = aarch64 ] && echo arm64 || echo x64)"
    if [ ! -x "$folder/node_modules/$package/bin/node" ]; then
        tell node_installing version="$(node --version)"
        quietly "$(words node_install)" npm install --prefix "$folder" --no-save --no-audit --no-fund "$package@22.23.3"
    fi
    PATH="$folder/node_modules/$package/bin:$PATH"
    export PATH
    node_is_new_enough || fail "$(words node_too_old version="$(node --version)")" "$(words node_too_old_help)"
}

# Runs a step when its inputs are not the ones it last ran with.
when_changed() {
    local name=$1 output=$2 inputs=$3 sum
    shift 3
    # shellcheck disable=SC2086
    sum=$(cd "$ROOT" && find $inputs -type f -print0 2>/dev/null | sort -z | xargs -0 sha256sum | sha256sum)
    if [ -e "$output" ] && [ "$(cat "$VAR/$name.sum" 2>/dev/null)" = "$sum" ]; then return; fi
    "$@"
    echo "$sum" >"$VAR/$name.sum"
}

install_php_packages() {
    loudly php_packages env COMPOSER_ALLOW_SUPERUSER=1 composer install --working-dir="$ROOT" --no-interaction --no-progress
    # Some packages are packed for their owner alone; the web user reads them too.
    chmod -R go+rX "$ROOT/vendor"
}

install_node_packages() {
    loudly node_packages npm ci --prefix "$ROOT" --no-audit --no-fund
}

build_assets() {
    loudly assets npm run build --prefix "$ROOT"
}

build_places() {
    loudly places node "$ROOT/bin/lib/places.mjs" "$ROOT/storage/app/places.tsv"
}

ensure_packages() {
    mkdir -p "$VAR" "$ROOT"/storage/{app,logs} "$ROOT"/storage/framework/{cache/data,sessions,views} "$ROOT/bootstrap/cache"
    ensure_debian_packages "${1:-}"
    ensure_node
    when_changed php-packages "$ROOT/vendor/autoload.php" 'composer.json support/ClockInterface.php support/polyfill.php' install_php_packages
    when_changed node-packages "$ROOT/node_modules" 'package.json package-lock.json' install_node_packages
    when_changed places "$ROOT/storage/app/places.tsv" 'package-lock.json bin/lib/places.mjs' build_places
    when_changed assets "$ROOT/public/build/manifest.json" 'package-lock.json vite.config.js resources/css resources/js' build_assets
}
