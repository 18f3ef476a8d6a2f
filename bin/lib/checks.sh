# The checks that bin/test knows, and how they run: two at a time, each with the database and server that it needs.
# shellcheck shell=bash

ALL_CHECKS=(unit pages types style browser looks endurance)
GOAL_SECONDS=360

wanted() { [[ " ${CHECKS[*]} " == *" $1 "* ]]; }

# With the compiler that the pages run with: what is tested is what runs, in two thirds of the time.
PHP_FAST=(-d opcache.enable_cli=1 -d opcache.jit=tracing -d opcache.jit_buffer_size=128M)

# Each check runs whole, or for the files that bin/test changed has chosen.
style() {
    chosen style
    vendor/bin/phpcs --cache="$VAR/phpcs.cache" "${CHOSEN[@]}"
}
types() {
    chosen types
    vendor/bin/phpstan analyse --no-progress --memory-limit=1G "${CHOSEN[@]}"
}

# Tests that wait for devices take turns: a run has those of one in four groups, by its seed.
TURNS=4
others_turns() {
    local turn
    for ((turn = 0; turn < TURNS; turn++)); do [ "$turn" -eq $((SEED % TURNS)) ] || echo "--exclude-group turn-$turn"; done
}

# php_unit CHECK SUITES
php_unit() {
    local which=(--testsuite "$2") without=() filter
    [ "$EVRENT_TEST_LONG" = 1 ] || without=(--exclude-group long)
    # shellcheck disable=SC2207
    [ "$EVRENT_TEST_LONG" = 1 ] || [ "${EVRENT_TEST_DRAW:-}" = all ] || without+=($(others_turns))
    chosen "$1"
    if [ "${#CHOSEN[@]}" -gt 0 ]; then
        filter=$(cat "$CHOICE/$1.filter")
        which=(${filter:+--filter "$filter"} "${CHOSEN[@]}")
    fi
    LARAVEL_STORAGE_PATH="$VAR/test-storage" php "${PHP_FAST[@]}" vendor/bin/phpunit "${without[@]}" "${which[@]}"
}
# Tests that drive devices wait for most of their time: they run beside the others. In the long run they compute as much.
unit() {
    if [ "$EVRENT_TEST_LONG" = 1 ] || [ -n "$CHANGED" ] || [ -n "${EVRENT_COVERAGE_MAP:-}" ]; then
        php_unit unit Core,Words,Devices,Properties,Cli,Runner
        return
    fi
    local devices failed=0
    php_unit unit Devices,Cli >"$VAR/test-devices.log" 2>&1 &
    devices=$!
    php_unit unit Core,Words,Properties,Runner || failed=1
    wait "$devices" || failed=1
    cat "$VAR/test-devices.log"
    return "$failed"
}
pages() { EVRENT_TEST_DATABASE=made php_unit pages Feature; }

# A file of tests that never ends is a failed one, and takes nothing else with it: a quarter of an hour, three in the long run, or four hours
# in bin/endurance.
node_tests() {
    local minutes=15
    [ "$EVRENT_TEST_LONG" = 0 ] || minutes=45
    [ "${EVRENT_ENDURANCE:-short}" = short ] || minutes=240
    node --test --test-concurrency=1 --test-timeout=$((minutes * 60000)) --test-force-exit "$@"
}
# browser_tests SERVER FILE …: all in one browser.
browser_tests() {
    local server=$1
    shift
    EVRENT_URL=$(cat "$VAR/$server.url") EVRENT_TEST_FILES="$*" node_tests tests/Runner/lane.mjs
}
# The looks at every page, which change nothing, have a server and a database of their own, and so do not meet the other browser tests.
looks() { browser_tests looks tests/Browser/{looks,jobs}.test.mjs; }
browser() {
    chosen browser
    # shellcheck disable=SC2046
    [ "${#CHOSEN[@]}" -gt 0 ] || mapfile -t CHOSEN < <(ls tests/Browser/*.test.mjs | grep -vE 'looks|jobs')
    browser_tests browser "${CHOSEN[@]}"
}
endurance() {
    chosen endurance
    # shellcheck disable=SC2206
    [ "${#CHOSEN[@]}" -gt 0 ] || CHOSEN=(tests/Endurance/${EVRENT_ONLY:-*}.test.mjs)
    EVRENT_ENDURANCE=${EVRENT_ENDURANCE:-short} EVRENT_URL=$(cat "$VAR/browser.url") node_tests "${CHOSEN[@]}"
}

# serve_tests NAME: a server with the demo, and a database of its own; its address is put into var/NAME.url.
serve_tests() {
    local port
    SERVICES=$1
    choose_home
    stop_services
    # Photos of earlier runs would be read with each card, and take longer every time.
    rm -rf "$RUN/card"
    take_port port 8810
    # Takes of the tests are not waited for: their world is fast.
    EVRENT_SPEED=200 write_services "$port" "evrent_$1" no
    copy_database "evrent_$1" evrent_template_migrated
    quietly 'Laying out the demo' artisan evrent:demo
    start_services "$port"
    echo "http://127.0.0.1:$port" >"$VAR/$1.url"
}

# Two templates that are copied for each check: one that is migrated, for the servers, whose demo has their devices' ports in it, and one
# with the demo shoot, for the tests of pages.
make_templates() {
    local name
    for name in migrated shoot; do sql postgres "drop database if exists evrent_template_$name with (force)"; done 2>/dev/null
    on_template migrated migrate --force
    copy_database evrent_template_shoot evrent_template_migrated
    on_template shoot db:seed --force --class=Database\\Seeders\\DemoSeeder
}
# on_template NAME COMMAND …: a command of the application, on a template that is made where there is none.
on_template() {
    local name=$1
    shift
    ensure_database "evrent_template_$name"
    DB_DATABASE="evrent_template_$name" quietly 'Laying out the tests’ database' php artisan "$@"
}
# copy_database NAME FROM
copy_database() {
    sql postgres "drop database if exists $1 with (force)" 2>/dev/null
    sql postgres "create database $1 template $2"
}

# What the wanted checks need is started: databases, servers, folders.
prepare_checks() {
    mkdir -p "$VAR"/test-storage/{app,logs,framework/cache/data,framework/sessions,framework/views}
    if ! wanted pages && ! wanted browser && ! wanted looks && ! wanted endurance; then return; fi
    ensure_database_runs
    database_exists evrent_template_migrated && database_exists evrent_template_shoot || rm -f "$VAR/templates.sum"
    when_changed templates "$CLUSTER/evrent-ready" 'database app core resources/plans' make_templates
    if wanted pages; then copy_database evrent_test evrent_template_shoot; fi
    if wanted looks; then serve_tests looks; fi
    if wanted browser || wanted endurance; then serve_tests browser; fi
}

WORKERS=()
stop_checks() {
    trap - EXIT
    local worker
    for worker in "${WORKERS[@]}"; do kill -TERM -- "-$worker" 2>/dev/null || true; done
    for SERVICES in browser looks; do
        RUN="${HOME_FOLDER:-}/$SERVICES"
        stop_services
    done
    stop_database
}

# What a check prints is shown when it fails. One that ran no test has failed.
run_check() {
    local check=$1 log="$VAR/test-$1.log" began=$SECONDS
    if "$check" >"$log" 2>&1 && ! grep -qx '# pass 0' "$log"; then
        say "$check: passed in $((SECONDS - began)) s"
        grep -E '^OK|^Tests: |^# (tests|pass) ' "$log" | sed 's/^/    /' || true
    else
        cat "$log"
        say "$check: FAILED after $((SECONDS - began)) s"
        touch "$CLAIMS/$check/failed"
    fi
    echo $((SECONDS - began)) >"$CLAIMS/$check/seconds"
}

# worker CHECK …: runs, one after another, those that no other worker has begun.
worker() {
    local check
    for check in "$@"; do
        if wanted "$check" && mkdir "$CLAIMS/$check" 2>/dev/null; then run_check "$check"; fi
    done
}

# Two workers fill two processors. Each begins at its own end of the list, so that two checks with a browser meet only at the end: with more
# at a time, what waits for a page waits in vain.
run_checks() {
    local worker
    CLAIMS="$VAR/test-claims"
    rm -rf "$CLAIMS"
    mkdir -p "$CLAIMS"
    set -m
    worker unit pages types style endurance looks browser &
    WORKERS+=($!)
    worker browser looks endurance style types pages unit &
    WORKERS+=($!)
    set +m
    for worker in "${WORKERS[@]}"; do wait "$worker" || true; done
    WORKERS=()
    ! compgen -G "$CLAIMS/*/failed" >/dev/null
}

# report_checks SECONDS: what each check took, and how far the whole is from the goal.
report_checks() {
    local check took=''
    for check in "${ALL_CHECKS[@]}"; do
        [ ! -e "$CLAIMS/$check/seconds" ] || took+="${took:+, }$check $(cat "$CLAIMS/$check/seconds") s"
    done
    say "Took $1 s: $took."
    [ "${#CHECKS[@]}" -eq "${#ALL_CHECKS[@]}" ] && [ "$EVRENT_TEST_LONG" = 0 ] && [ -z "$CHANGED" ] || return 0
    if [ "$1" -le "$GOAL_SECONDS" ]; then say "$((GOAL_SECONDS - $1)) s under six minutes."; else say "$(($1 - GOAL_SECONDS)) s OVER six minutes. bin/test --slow shows where they go."; fi
}
