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

# Runs a set-up step quietly; what it printed is kept in var/ and named only when it fails.
quietly() {
    local what=$1 log="$VAR/last-step.log"
    shift
    mkdir -p "$VAR"
    if ! "$@" >"$log" 2>&1; then
        mv "$log" "$VAR/failed-step.log"
        fail "$what did not work." "What it printed is in $VAR/failed-step.log" "The command was: $*"
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

# Two commands of one folder do not get in each other's way. The lock goes with the process, however it ends.
hold_lock() {
    exec 9>"$VAR/$1.lock"
    flock -n 9 || return 1
    echo $$ >"$VAR/$1.pid"
}
