# On which ports the tests run: those that are named, or the first that nobody has. Two instances, what stands in front of
# one, and one that is started as users do it: twenty ports in a row.
PORTS=20

answered() { (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

if [ -z "${FOX_TEST_PORT:-}" ]; then
    for FOX_TEST_PORT in $(seq 8185 $PORTS 9185); do
        for port in $(seq "$FOX_TEST_PORT" $((FOX_TEST_PORT + PORTS - 1))); do
            ! answered "$port" || continue 2
        done
        break
    done
fi
export FOX_TEST_PORT
