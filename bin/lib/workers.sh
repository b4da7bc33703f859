# The workers that solve practices, so that no page's process is held for it. One that has ended is started again.
# Started by services.sh with the instance's environment.
WORKERS=2

work() {
    while :; do
        # What a solve has learned of a plan is there for the next one.
        # shellcheck disable=SC2086
        php $QUICK "$1/bin/console" messenger:consume solving --no-interaction --quiet --sleep=0.1 --time-limit=900 --memory-limit=192M
        sleep 1
    done
}

for _ in $(seq $WORKERS); do work "$(cd "$(dirname "${BASH_SOURCE[0]}")/../.." && pwd)" & done
wait
