# The application's own web server, several workers, compiled code kept in memory.
# shellcheck shell=bash

# start_server PORT: sets SERVER_GROUP. The caller's environment (DB_DATABASE and so on) goes along.
start_server() {
    # In a process group of its own, so that the workers can be stopped with their parent.
    set -m
    PHP_CLI_SERVER_WORKERS=${EVRENT_WORKERS:-4} php -d variables_order=EGPCS \
        -d opcache.enable=1 -d opcache.enable_cli=1 -d opcache.jit=tracing -d opcache.jit_buffer_size=64M \
        -d zlib.output_compression=1 -d zlib.output_compression_level=2 \
        -d memory_limit=512M -d upload_max_filesize=4M \
        -S "127.0.0.1:$1" -t "$ROOT/public" "$ROOT/support/server.php" >"$ROOT/storage/logs/server.log" 2>&1 </dev/null &
    SERVER_GROUP=$!
    set +m
    local tries
    for tries in $(seq 1 100); do
        if curl -fs -o /dev/null "http://127.0.0.1:$1/up"; then return; fi
        kill -0 "$SERVER_GROUP" 2>/dev/null || break
        sleep 0.1
    done
    fail "the web server did not answer on port $1." "Its log is storage/logs/server.log, the application's is storage/logs/laravel.log."
}

stop_server() {
    if [ -n "${SERVER_GROUP:-}" ]; then
        kill -TERM -- "-$SERVER_GROUP" 2>/dev/null || true
        wait "$SERVER_GROUP" 2>/dev/null || true
        SERVER_GROUP=
    fi
}
