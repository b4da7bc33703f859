# Starts again what has ended, and keeps the logs small. Sourced by the start command, which then stays; run by it where
# it does not stay.

# Restarts within a minute after which something is wrong that another one does not mend.
TOO_OFTEN=5
# s between two looks at the logs.
LOGS=3600

restart() {
    say "$(date '+%F %T') $1 has ended; it is started again"
    if [ "$1" = fpm ]; then end_service fpm; fi
    ("start_$1")
}

watch_services() {
    local name turn=0 restarts=()
    while sleep 1; do
        for name in $(parts); do
            leads "$name" && continue
            restarts=("$SECONDS" "${restarts[@]:0:$((TOO_OFTEN - 1))}")
            if [ ${#restarts[@]} -eq $TOO_OFTEN ] && [ $((SECONDS - restarts[TOO_OFTEN - 1])) -lt 60 ]; then
                say "$(date '+%F %T') $name has ended too often; everything is stopped. The logs are in $RUN_DIR/log"
                WATCHING=1 stop_services
                exit 1
            fi
            restart "$name"
        done
        [ $((turn++ % LOGS)) -ne 0 ] || {
            turn_logs "$RUN_DIR/log" as_owner
            turn_logs "$LOG_DIR" command
        }
    done
}

# turn_logs FOLDER COMMAND...: what has grown beyond a few megabytes is put aside; five of each are kept. By the command,
# as whose they are.
turn_logs() {
    written "$RUN_DIR/logrotate.conf" <<CONF
$1/*.out $1/*.log {
    size ${LOG_SIZE:-5M}
    rotate 5
    copytruncate
    compress
    missingok
    notifempty
}
CONF
    "${@:2}" logrotate --state "$1/.logrotate" "$RUN_DIR/logrotate.conf"
}

if [ "${BASH_SOURCE[0]}" = "$0" ]; then
    PROFILE=${FOX_INSTANCE:-start}
    dir=$(dirname "${BASH_SOURCE[0]}")
    . "$dir/settings.sh"
    . "$dir/install.sh"
    . "$dir/owner.sh"
    . "$dir/services.sh"
    watch_services
fi
