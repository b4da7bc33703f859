# Brings a machine to the point where the application can run: system packages, PHP and npm packages, built
# styles and scripts. Everything is skipped when it is already there. Needs settings.sh.
. "$ROOT/bin/lib/packages.sh"

missing_packages() {
    local pair
    for pair in php:php8.2-cli mariadbd:mariadb-server nginx:nginx-light composer:composer unzip:unzip curl:curl qrencode:qrencode logrotate:logrotate node:nodejs npm:npm "$@"; do
        PATH="$PATH:/usr/sbin:/sbin" command -v "${pair%%:*}" >/dev/null 2>&1 || printf '%s ' "${pair#*:}"
    done
    [ -n "$(PATH="$PATH:/usr/sbin" compgen -c php-fpm8.)" ] || printf 'php8.2-fpm '
    local modules
    modules=$(php -m 2>/dev/null | tr 'A-Z' 'a-z') || modules=
    for pair in apcu:php8.2-apcu curl:php8.2-curl dom:php8.2-xml gd:php8.2-gd intl:php8.2-intl mbstring:php8.2-mbstring pdo_mysql:php8.2-mysql zip:php8.2-zip; do
        grep -qx "${pair%%:*}" <<<"$modules" || printf '%s ' "${pair#*:}"
    done
}

# s for which another program that installs packages is waited for.
PATIENCE=${PATIENCE:-300}

# patiently COMMAND...: into the log; again while another program holds what only one may have.
patiently() {
    local until=$((SECONDS + PATIENCE)) said=
    until LC_ALL=C "$@" >"$LOG_DIR/apt.log" 2>&1; do
        grep -qE '(Could not get|Unable to) (lock|acquire)|is another process using it' "$LOG_DIR/apt.log" && [ $SECONDS -lt $until ] || return 1
        [ -n "$said" ] || say "Another program is installing packages; waiting for it, $((PATIENCE / 60)) minutes at most"
        said=1
        sleep 1
    done
}

install_system() {
    local missing run=
    missing=$(missing_packages "$@")
    [ -n "$missing" ] || return 0
    if [ "$(id -u)" -ne 0 ]; then
        sudo -n true 2>/dev/null || fail "Fox Corner needs these Debian packages: $missing
Install them with: sudo apt-get install --no-install-recommends $missing"
        run=sudo
    fi
    say "Installing Debian packages: $missing"
    # No service of the system's own is started: Fox Corner runs its own under var/.
    local policy=/usr/sbin/policy-rc.d made=
    if [ ! -e "$policy" ]; then
        printf '#!/bin/sh\nexit 101\n' | $run tee "$policy" >/dev/null && $run chmod 755 "$policy" && made=1
    fi
    # shellcheck disable=SC2086
    { patiently $run apt-get update -qq && patiently $run env DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends $missing; } || {
        [ -z "$made" ] || $run rm -f "$policy"
        tail -n 20 "$LOG_DIR/apt.log" >&2
        fail "The Debian packages could not be installed; the log is $LOG_DIR/apt.log"
    }
    [ -z "$made" ] || $run rm -f "$policy"
}

# unchanged NAME FILE...: true when the files are the same as when "done_with NAME FILE..." was last called.
unchanged() { [ -f "$ROOT/var/stamps/$1" ] && [ "$(fingerprint "${@:2}")" = "$(cat "$ROOT/var/stamps/$1")" ]; }
done_with() { mkdir -p "$ROOT/var/stamps" && fingerprint "${@:2}" >"$ROOT/var/stamps/$1"; }
fingerprint() { (cd "$ROOT" && find "$@" -type f -print0 | LC_ALL=C sort -z | xargs -0 cksum | cksum); }

install_php() {
    if [ ! -f "$ROOT/vendor/autoload.php" ] || ! unchanged composer composer.json php-packages.txt; then
        say 'Installing PHP packages'
        install_php_packages
        # Some packages' own files are closed to others.
        chmod -R go+rX "$ROOT/vendor"
        done_with composer composer.json php-packages.txt
    fi
}

install_npm() {
    if [ ! -d "$ROOT/node_modules" ] || ! unchanged npm package-lock.json; then
        say 'Installing npm packages'
        (cd "$ROOT" && npm ci --no-audit --no-fund --loglevel=error >"$LOG_DIR/npm.log" 2>&1) || {
            tail -n 20 "$LOG_DIR/npm.log" >&2
            fail 'The npm packages could not be installed.'
        }
        done_with npm package-lock.json
    fi
}

build_assets() {
    if [ ! -f "$ROOT/public/build/manifest.json" ] || ! unchanged assets assets templates app package-lock.json; then
        say 'Building styles and scripts'
        (cd "$ROOT" && node assets/build.mjs >"$LOG_DIR/build.log" 2>&1) || {
            cat "$LOG_DIR/build.log" >&2
            fail 'The styles and scripts could not be built.'
        }
        done_with assets assets templates app package-lock.json
    fi
}

# Set-up is shared by both instances; only one at a time may do it.
install_all() {
    mkdir -p "$ROOT/var"
    exec 9>"$ROOT/var/install.lock"
    command -v flock >/dev/null && flock 9
    install_system "$@"
    install_php
    install_npm
    build_assets
    exec 9>&-
}
