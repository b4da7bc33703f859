# Starts and ends the processes of an instance: database, PHP, workers, web server. Needs settings.sh and owner.sh.
# Each is the leader of its own process group, whose number is kept under RUN_DIR, so that what a killed
# leader leaves behind can be found and ended, and nothing else is ever touched.

PATH="$PATH:/usr/sbin:/sbin"

# members NAME: the processes of a service that still run.
members() {
    local group program
    [ -s "$RUN_DIR/$1.pid" ] || return 1
    group=$(cat "$RUN_DIR/$1.pid")
    case $1 in mariadb) program=mariadbd ;; fpm) program=php-fpm ;; nginx) program=nginx ;; workers) program='(bash|php|sleep)' ;; watch) program='(bash|sleep)' ;; esac
    # Not the dead whom nobody has buried yet.
    pgrep --runstates R,S,D,T,I -g "$group" "^$program" 2>/dev/null
}
leads() { members "$1" | grep -qx "$(cat "$RUN_DIR/$1.pid" 2>/dev/null)"; }

end_service() {
    local name=$1 signal tries
    for signal in "${2:-TERM}" KILL; do
        members "$name" | xargs -r kill "-$signal" 2>/dev/null
        for tries in $(seq 1 100); do
            members "$name" >/dev/null || {
                rm -f "$RUN_DIR/$name.pid"
                return 0
            }
            sleep 0.1
        done
    done
    return 1
}

taken() { (exec 3<>"/dev/tcp/${NEAR//[\[\]]/}/$1") 2>/dev/null; }

# A server that was killed gives its port back a moment after its processes are gone.
must_be_free() {
    local tries
    for tries in $(seq 1 30); do
        taken "$1" || return 0
        sleep 0.1
    done
    fail "Port $1 is taken by another program. Choose another with $CHOOSE_PORT (two in a row are used)."
}

# detached COMMAND...: in a group of its own, from the instance's folder, and with nothing open that the caller has open: a
# lock or a pipe of his would be held for as long as the service runs. Its number is in $!.
detached() {
    (
        cd "$RUN_DIR" || exit 1
        for fd in "/proc/$BASHPID/fd"/*; do
            fd=${fd##*/}
            [ "$fd" -le 2 ] || eval "exec $fd>&-"
        done
        exec setsid "$@" </dev/null
    ) &
    # Whoever ends it later says so himself.
    disown
}

# launch NAME COMMAND...: as the owner, whose log it is too: it is opened by him, and by him put aside when it has grown.
launch() {
    local name=$1
    shift
    set -- bash -c 'log=$1 && shift && exec "$@" >>"$log" 2>&1' - "$RUN_DIR/log/$name.out" "$@"
    if [ "$(id -u)" -eq 0 ]; then set -- setpriv --reuid="$OWNER" --regid="$OWNER" --init-groups "$@"; fi
    detached "$@" >/dev/null 2>&1
    echo $! | written "$RUN_DIR/$name.pid"
}

# Whether what was launched still runs, under whatever name: on a busy machine it takes a while to become its program.
launched() {
    local state
    state=$(grep '^State:' "/proc/$(cat "$RUN_DIR/$1.pid" 2>/dev/null)/status" 2>/dev/null) && [[ $state != *Z* ]]
}

await() { # await NAME COMMAND...: until the command succeeds, at most 30 s
    local name=$1 tries
    shift
    for tries in $(seq 1 300); do
        "$@" >/dev/null 2>&1 && return 0
        launched "$name" || break
        sleep 0.1
    done
    tail -n 20 "$RUN_DIR/log/$name.out" >&2
    fail "$name did not start; its log is $RUN_DIR/log/$name.out"
}

# What pages and console are told of the installation.
TOLD=(APP_ENV FOX_BACKUP_DIR FOX_BACKUP_PASSPHRASE DATABASE_URL MAILER_DSN FOX_MAIL_FROM FOX_PUBLIC_URL FOX_SETUP_CODE FOX_TIME_ZONE FOX_CLOCK_SHIFT SYMFONY_TRUSTED_PROXIES SYMFONY_TRUSTED_HOSTS)

# filled FILE: a file of the checkout with @NAME@ filled in; within this shell, so that no secret is on a command line.
filled() {
    local text name
    text=$(cat "$1")
    for name in ROOT RUN_DIR LISTEN WEB_PORT SECRET "${TOLD[@]}"; do text=${text//@$name@/"${!name}"}; done
    printf '%s\n' "$text"
}

start_mariadb() {
    [ -z "${FOX_DATABASE_URL:-}" ] || return 0
    leads mariadb && return 0
    end_service mariadb
    must_be_free "$DB_PORT"
    if [ ! -d "$RUN_DIR/mariadb/mysql" ]; then
        say 'Creating the database'
        rm -rf "$RUN_DIR/mariadb"
        settle_owner
        as_owner mariadb-install-db --no-defaults --datadir="$RUN_DIR/mariadb" --auth-root-authentication-method=normal --skip-test-db \
            >"$LOG_DIR/mariadb-install.out" 2>&1 || fail "The database could not be created; the log is $LOG_DIR/mariadb-install.out"
    fi
    written "$RUN_DIR/mariadb-init.sql" <<SQL
ALTER USER 'root'@'localhost' IDENTIFIED VIA unix_socket;
CREATE DATABASE IF NOT EXISTS fox CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;
CREATE DATABASE IF NOT EXISTS fox_unit CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;
CREATE USER IF NOT EXISTS 'fox'@'127.0.0.1';
ALTER USER 'fox'@'127.0.0.1' IDENTIFIED BY '$DB_PASSWORD';
GRANT ALL ON fox.* TO 'fox'@'127.0.0.1';
GRANT ALL ON fox_unit.* TO 'fox'@'127.0.0.1';
SQL
    written "$RUN_DIR/mariadb-client.cnf" <<CNF
[client]
protocol=tcp
host=127.0.0.1
port=$DB_PORT
user=fox
password=$DB_PASSWORD
CNF
    # The socket's path is relative to the data folder: a deep checkout would exceed what a socket may have.
    launch mariadb mariadbd --no-defaults --datadir="$RUN_DIR/mariadb" --socket=fox.sock --pid-file=fox.pid \
        --bind-address=127.0.0.1 --port="$DB_PORT" --skip-name-resolve --init-file="$RUN_DIR/mariadb-init.sql" \
        --innodb-buffer-pool-size=64M --max-connections=100 --innodb-lock-wait-timeout=3 --lock-wait-timeout=4 ${DB_OPTIONS:-}
    await mariadb mariadb-admin --defaults-file="$RUN_DIR/mariadb-client.cnf" ping
    rm -f "$RUN_DIR/mariadb-init.sql"
}

start_fpm() {
    leads fpm && return 0
    end_service fpm
    rm -f "$RUN_DIR/sock/php.sock"
    # What is empty is left out: PHP takes no empty value.
    filled "$ROOT/config/server/php-fpm.conf" | sed "/= \"\"\$/d" | written "$RUN_DIR/php-fpm.conf"
    # What pages have reckoned is kept in so much room: when it is full, what nobody has asked for in half an hour goes.
    launch fpm "$(compgen -c php-fpm8. | sort -V | tail -n 1)" --nodaemonize --fpm-config "$RUN_DIR/php-fpm.conf" \
        -d opcache.enable=1 -d opcache.memory_consumption=128 -d opcache.max_accelerated_files=20000 -d opcache.validate_timestamps=0 \
        $QUICK -d opcache.jit_buffer_size="${FOX_COMPILED_MB:-160}M" -d apc.enabled=1 \
        -d apc.shm_size="${FOX_FIGURES_MB:-128}M" -d apc.ttl=1800
    await fpm test -S "$RUN_DIR/sock/php.sock"
}

start_workers() {
    leads workers && return 0
    end_service workers
    launch workers bash "$ROOT/bin/lib/workers.sh"
}

start_nginx() {
    leads nginx && return 0
    end_service nginx
    must_be_free "$WEB_PORT"
    filled "$ROOT/config/server/nginx.conf" | written "$RUN_DIR/nginx.conf"
    launch nginx nginx -p "$RUN_DIR/nginx" -e "$RUN_DIR/log/nginx.error.log" -c "$RUN_DIR/nginx.conf"
    await nginx taken "$WEB_PORT"
}

# The compiled application is made anew when a file that it comes from has changed.
refresh_application() {
    local stamp="application-$PROFILE-$APP_ENV"
    if [ ! -d "$RUN_DIR/cache/$APP_ENV" ] || ! unchanged "$stamp" app core config templates migrations .env composer.json; then
        say 'Compiling the application'
        end_service fpm
        end_service workers
        rm -rf "$RUN_DIR/cache"/*
        php "$ROOT/bin/console" cache:warmup --quiet || fail 'The application could not be compiled.'
        done_with "$stamp" app core config templates migrations .env composer.json
    fi
}

migrate() { FOX_STATEMENT_SECONDS=0 php "$ROOT/bin/console" doctrine:migrations:migrate --no-interaction --allow-no-migration --quiet || fail 'The database could not be brought up to date.'; }

# What runs of an instance, in the order in which it is started.
parts() {
    [ -n "${FOX_DATABASE_URL:-}" ] || echo mariadb
    printf '%s\n' fpm workers nginx
}

# What the console needs to speak to the instance later.
keep_environment() {
    local name
    for name in APP_DEBUG APP_SECRET FOX_RUN_DIR "${TOLD[@]}"; do
        printf '%s=%s\n' "$name" "${!name}"
    done | written "$RUN_DIR/environment"
    # PHP and the web server keep what they were started with.
    cmp -s "$RUN_DIR/environment" "$RUN_DIR/environment.used" && [ "$(cat "$RUN_DIR/listens" 2>/dev/null)" = "$LISTEN" ] && return 0
    end_service nginx QUIT
    end_service workers
    end_service fpm QUIT
    written "$RUN_DIR/environment.used" <"$RUN_DIR/environment"
    echo "$LISTEN" | written "$RUN_DIR/listens"
}

start_services() {
    end_service watch
    settle_owner
    keep_environment
    start_mariadb
    refresh_application
    migrate
    start_fpm
    start_workers
    start_nginx
}

stop_services() {
    # Who watches does not end itself before the others.
    [ -n "${WATCHING:-}" ] || end_service watch
    end_service nginx QUIT
    end_service workers
    end_service fpm QUIT
    end_service mariadb TERM
}
