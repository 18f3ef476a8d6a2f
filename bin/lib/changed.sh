# bin/test changed: only the tests that reach what has changed.
# shellcheck shell=bash

MAPS="$VAR/coverage"
CHOICE="$VAR/changed"

# A run of all that PHPUnit runs, with the sources as they are now kept beside it. pcov sees no child process, template or script: those are
# in tests/Runner/reach.php.
build_maps() {
    say 'There is no coverage map yet. Building one takes some minutes …'
    ensure_pcov
    rm -rf "$MAPS.new"
    mkdir -p "$MAPS.new/sources"
    cp -r core devices cli app "$MAPS.new/sources/"
    CHECKS=(unit pages)
    prepare_checks
    local fast=("${PHP_FAST[@]}")
    PHP_FAST=(-d extension=pcov.so -d pcov.enabled=1 -d pcov.directory="$ROOT" -d "pcov.exclude=~^$ROOT/(vendor|tests|var|storage|bootstrap)/~" -d memory_limit=2G)
    local check
    # Each in a group of its own, which is what stop_checks ends.
    set -m
    for check in unit pages; do
        EVRENT_COVERAGE_MAP="$MAPS.new/$check.map" EVRENT_TEST_TIMES='' EVRENT_TEST_DRAW=all "$check" >"$VAR/map-$check.log" 2>&1 &
        WORKERS+=($!)
    done
    set +m
    wait "${WORKERS[@]}" || true
    WORKERS=()
    for check in unit pages; do
        [ -s "$MAPS.new/$check.map" ] || fail "the coverage map of $check was not built." "What it printed is in $VAR/map-$check.log"
    done
    rm -rf "$MAPS"
    mv "$MAPS.new" "$MAPS"
    PHP_FAST=("${fast[@]}")
}

# choose_checks REVISION: sets CHECKS, and writes for each of them what chosen reads.
choose_checks() {
    if git diff --quiet "$1" && [ -z "$(git ls-files --others --exclude-standard)" ]; then
        fail "nothing has changed since $1." 'There is nothing to test. Name an earlier revision, such as bin/test changed HEAD~1.'
    fi
    # First, or a map would be built of what was chosen the last time.
    rm -rf "$CHOICE"
    mkdir -p "$CHOICE"
    [ -s "$MAPS/pages.map" ] && [ -s "$MAPS/unit.map" ] || build_maps
    php tests/Runner/choose.php "$1" "$MAPS" "$CHOICE" || exit 1
    mapfile -t CHECKS <"$CHOICE/checks"
    [ -n "${CHECKS[0]:-}" ] || fail 'no test reaches what has changed.' 'Run bin/test.'
}

# chosen CHECK: sets CHOSEN to the files that it is for; none where it runs whole.
chosen() {
    CHOSEN=()
    if [ -n "$CHANGED" ] && [ -s "$CHOICE/$1" ]; then mapfile -t CHOSEN <"$CHOICE/$1"; fi
}
