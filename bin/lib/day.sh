# On which day the tests run. The day is the house's alone: what the machine's clock says does not matter.

# Days that a run may draw from: five years from here, so that a leap day is among them.
FIRST_DAY=2027-01-01
DAYS=1826
# Without summer time, with it north and south of the equator, half an hour of it, and far on both sides of the date line.
ZONES=(UTC Europe/Berlin America/Los_Angeles Australia/Lord_Howe Pacific/Kiritimati Pacific/Pago_Pago)

# choose_day DAY ZONE SEED: sets FOX_TIME_ZONE and FOX_CLOCK_SHIFT; what is empty is drawn by the seed.
choose_day() {
    local seed=$3 day=$1 then
    [[ $seed =~ ^[0-9]{1,10}$ ]] || refuse_day --seed "$seed" 'a number of at most ten digits'
    FOX_TIME_ZONE=${2:-${ZONES[seed / DAYS % ${#ZONES[@]}]}}
    [ -z "$day" ] && day=$(TZ=UTC date -d "$FIRST_DAY +$((seed % DAYS)) days" +%F)T$(printf '%02d:%02d' $((9 + seed % 11)) $((seed / 11 % 60)))
    [[ $day =~ ^20[0-9]{2}-[0-9]{2}-[0-9]{2}(T[0-9]{2}:[0-9]{2})?$ ]] && then=$(TZ=$FOX_TIME_ZONE date -d "${day/T/ }$([[ $day == *T* ]] || echo ' 10:00')" +%s 2>/dev/null) ||
        refuse_day --day "$day" 'a day as 2027-02-28, or with a time as 2027-12-31T23:59'
    [ -f "/usr/share/zoneinfo/$FOX_TIME_ZONE" ] || refuse_day --zone "$FOX_TIME_ZONE" 'a zone that this machine knows, as Europe/Berlin'
    FOX_CLOCK_SHIFT=$((then - $(date +%s)))
    export FOX_TIME_ZONE FOX_CLOCK_SHIFT
    printf 'Tested on %s in %s: bin/test --day %s --zone %s\n' \
        "$(TZ=$FOX_TIME_ZONE date -d "@$then" '+%A %-d %B %Y, %H:%M')" "$FOX_TIME_ZONE" "$day" "$FOX_TIME_ZONE"
}

refuse_day() {
    echo "bin/test: $1 is \"$2\"; allowed: $3" >&2
    exit 2
}
