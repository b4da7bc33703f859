# The demo as it comes, for tests that change it. Needs settings.sh and services.sh.

# Filled once for an instance and then only copied back, since filling it solves all its practices. Who is signed in
# stays so.
fresh_demo() {
    local copy="$RUN_DIR/demo.sql" client="--defaults-file=$RUN_DIR/mariadb-client.cnf"
    local stays="'session', 'doctrine_migration_versions'"
    if [ ! -s "$copy" ]; then
        php bin/console fox:demo --quiet || return 1
        {
            printf 'SET FOREIGN_KEY_CHECKS = 0;\n'
            mariadb "$client" --skip-column-names --execute="SELECT CONCAT('TRUNCATE TABLE ', table_name, ';')
                FROM information_schema.tables WHERE table_schema = 'fox' AND table_name NOT IN ($stays)"
            mariadb-dump "$client" --no-create-info --hex-blob --single-transaction \
                --ignore-table=fox.session --ignore-table=fox.doctrine_migration_versions fox
        } >"$copy" || return 1
    fi
    mariadb "$client" fox <"$copy"
}
