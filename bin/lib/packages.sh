# The PHP packages at exact versions, direct and indirect: php-packages.txt has a name and a version a line, and is all
# that an installation takes. (Composer's own lock file would carry the addresses of registries.) Needs settings.sh.

PACKAGE_LIST="$ROOT/php-packages.txt"

php_packages_wanted() { grep -v '^#' "$PACKAGE_LIST"; }

# What is installed, as a name and a version a line.
php_packages_there() { (cd "$ROOT" && composer show --format=json 2>/dev/null) | php -r '
    foreach (json_decode((string) stream_get_contents(STDIN), true)["installed"] ?? [] as $one) {
        echo $one["name"], " ", $one["version"], "\n";
    }' | LC_ALL=C sort; }

# install_php_packages: just the listed ones; anything newer, older or besides is an error that names it.
install_php_packages() {
    local log="$LOG_DIR/composer.log" with
    with=$(php_packages_wanted | sed 's/^\([^ ]*\) \(.*\)$/--with \1:\2/')
    # shellcheck disable=SC2086
    (cd "$ROOT" && composer update --no-interaction --no-progress --no-audit $with >"$log" 2>&1) || {
        grep -E 'Problem|require|could not|not match|not found|curl error' "$log" | head -n 12 >&2
        fail "A PHP package could not be had at the version that php-packages.txt names; the log is $log.
If it is gone for good, bin/packages renew writes a list of what there is, to be tried and committed."
    }
    php_packages_there | diff <(php_packages_wanted) - >"$log.diff" || {
        cat "$log.diff" >&2
        fail 'What Composer installed is not what php-packages.txt lists (<: listed, >: installed).
bin/packages renew writes a list that fits composer.json, to be tried and committed.'
    }
}
