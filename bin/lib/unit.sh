# The unit tests' own database and folder, beside the instance of the profile. Needs settings.sh.

UNIT_DIR="$ROOT/var/unit"

# A command in the test environment.
unit() { FOX_RUN_DIR=$UNIT_DIR APP_ENV=test APP_DEBUG=${DEBUG:-0} DATABASE_URL="${DATABASE_URL%/fox}/fox_unit" "$@"; }

make_unit_database() {
    unit php bin/console doctrine:migrations:migrate --no-interaction --quiet || fail 'The test database could not be made.'
}

fill_unit_database() {
    unit php bin/console fox:demo --quiet || fail 'The test database could not be filled.'
}
