# What has which style: Prettier lays lines out, php-cs-fixer has the last word in PHP, shfmt in shell. Needs settings.sh.

FORMATTED="assets templates tests/browser tests/scripts tests/start tests/Tools/*.mjs *.mjs package.json .prettierrc.json"
PHP_FORMATTED="core app bench tests config public .php-cs-fixer.dist.php bin/console bin/fox bin/bench"
PHP_FORMATTED="$PHP_FORMATTED tests/Tools/folders tests/Tools/held tests/Tools/lines tests/Tools/mutate tests/Tools/attack"
SHELL_FORMATTED="tests/Tools/mutate-app bin/start bin/stop bin/test bin/fix bin/packages bin/lib/*.sh tests/browser/*.sh .ci/run"

prettier() { (cd "$ROOT" && node_modules/.bin/prettier --log-level warn "$@"); }

# shellcheck disable=SC2086
mend_style() {
    prettier --write $FORMATTED $PHP_FORMATTED && php $QUICK vendor/bin/php-cs-fixer fix --quiet && shfmt -i 4 -ci -w $SHELL_FORMATTED
}

# Prints what is not in style, and fails when anything is.
# shellcheck disable=SC2086
check_style() {
    local code=0
    prettier --check $FORMATTED || code=1
    php $QUICK vendor/bin/php-cs-fixer check --diff --show-progress=none || code=1
    shfmt -i 4 -ci -d $SHELL_FORMATTED || code=1
    php tests/Tools/lines || code=1
    return $code
}
