# Shared by the programs in bin/: where things are, and how to speak.
# shellcheck shell=bash

ROOT=$(cd "$(dirname "${BASH_SOURCE[0]}")/../.." && pwd)
VAR="$ROOT/var"

say() { printf '· %s\n' "$*"; }

fail() {
    printf '\nEvrent could not go on: %s\n' "$1" >&2
    shift
    for line in "$@"; do printf '  %s\n' "$line" >&2; done
    exit 1
}

# Runs a set-up step quietly; shows what it printed only when it fails.
quietly() {
    local what=$1 log
    shift
    log=$(mktemp)
    if ! "$@" >"$log" 2>&1; then
        tail -n 25 "$log" >&2
        rm -f "$log"
        fail "$what did not work (its last lines are above)." "The command was: $*"
    fi
    rm -f "$log"
}

as_root() {
    if [ "$(id -u)" -eq 0 ]; then
        "$@"
    elif command -v sudo >/dev/null; then
        sudo "$@"
    else
        fail 'something has to be installed, and that needs root.' "Run this as root, or install sudo. The command was: $*"
    fi
}

port_is_free() { ! (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

free_port_from() {
    local port=$1
    until port_is_free "$port"; do port=$((port + 1)); done
    echo "$port"
}
