# The workers that solve practices, so that no page's process is held for it, and the one that copies the database every
# night. One that has ended is started again. Started by services.sh with the instance's environment.
WORKERS=2
ROOT=$(cd "$(dirname "${BASH_SOURCE[0]}")/../.." && pwd)

work() {
    while :; do
        # What a solve has learned of a plan is there for the next one.
        # shellcheck disable=SC2086
        php $QUICK -d memory_limit=1G "$ROOT/bin/console" messenger:consume solving --no-interaction --quiet --sleep=0 --time-limit=900 --memory-limit=192M
        sleep 1
    done
}

# It asks every few minutes, and copies once a night: a machine that slept at three does it when it wakes. What is older
# than it may become goes with it.
keep() {
    while sleep 300; do
        php "$ROOT/bin/console" fox:night --no-interaction --quiet
    done
}

for _ in $(seq $WORKERS); do work & done
keep &
wait
