# Shared by the programs in bin/: where things are, and how to speak.
# shellcheck shell=bash

ROOT=$(cd "$(dirname "${BASH_SOURCE[0]}")/../.." && pwd)
VAR="$ROOT/var"
# What one running copy keeps: database, sockets, logs, backups. Another folder makes it another copy.
STATE=${EVRENT_STATE:-$VAR}

# Which language of lang/ these programs speak: EVRENT_LANGUAGE, such as es or es_ES.UTF-8; English where there is none of it.
WORDS_LANGUAGE=${EVRENT_LANGUAGE:-en}
WORDS_LANGUAGE=${WORDS_LANGUAGE%%[-_.@]*}
[[ $WORDS_LANGUAGE =~ ^[a-z]{2,3}$ ]] && [ -e "$ROOT/lang/$WORDS_LANGUAGE/launch.php" ] || WORDS_LANGUAGE=en

# words KEY [NAME=VALUE …]: a text of lang/…/launch.php. Read as lines, without PHP, which may be what has to be installed.
words() {
    local text argument
    text=$(sed -n "s/^    '$1' => '\(.*\)',\$/\1/p" "$ROOT/lang/$WORDS_LANGUAGE/launch.php")
    shift
    for argument in "$@"; do text=${text//":${argument%%=*}"/"${argument#*=}"}; done
    printf '%s' "$text"
}

say() { printf '· %s\n' "$*"; }

# tell KEY [NAME=VALUE …]: as say, in the words of that key.
tell() { say "$(words "$@")"; }

fail() {
    printf '\n%s\n' "$(words stopped_by why="$1")" >&2
    shift
    for line in "$@"; do printf '  %s\n' "$line" >&2; done
    exit 1
}

# Runs a set-up step quietly; what it printed is kept in var/ and named only when it fails.
quietly() {
    local what=$1 log="$STATE/last-step.log"
    shift
    mkdir -p "$STATE"
    if ! "$@" >"$log" 2>&1; then
        mv "$log" "$STATE/failed-step.log"
        fail "$(words step_failed step="$what")" "$(words step_log file="$STATE/failed-step.log")" "$(words step_command command="$*")"
    fi
    rm -f "$log"
}

# loudly KEY COMMAND …: a step that takes a while, named before it begins.
loudly() {
    local what
    what=$(words "$1")
    tell going_on step="$what"
    quietly "$what" "${@:2}"
}

as_root() {
    if [ "$(id -u)" -eq 0 ]; then
        "$@"
    elif command -v sudo >/dev/null; then
        sudo "$@"
    else
        fail "$(words needs_root)" "$(words needs_root_help command="$*")"
    fi
}

port_is_free() { ! (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

# Where copies on one machine note which ports are theirs, also while nothing listens there: a database that was killed comes back to its own.
port_notes() {
    local above
    for above in /run/lock /tmp; do
        if [ -d "$above/evrent-ports" ] || { mkdir "$above/evrent-ports" 2>/dev/null && chmod 1777 "$above/evrent-ports"; }; then
            echo "$above/evrent-ports"
            return
        fi
    done
}

# hold_port PORT: it is this command's until it ends. Fails where another copy has it.
hold_port() {
    local note held
    note="$(port_notes)/$1"
    [ -e "$note" ] || (umask 0; : >>"$note") 2>/dev/null || true
    # Without a place for notes, what is free is had.
    [ -r "$note" ] || return 0
    exec {held}<"$note"
    flock -n "$held" && return 0
    exec {held}<&-
    return 1
}

# take_port NAME FROM: puts the first port from FROM on into NAME that is free, and holds it. Not in a subshell, with which it would go.
take_port() {
    local -n taken=$1
    taken=$2
    until port_is_free "$taken" && hold_port "$taken"; do taken=$((taken + 1)); done
}

# What tells this copy from others on the machine.
copy_name() { echo "$ROOT${EVRENT_STATE:+ $EVRENT_STATE}"; }

# Two commands of one folder do not get in each other's way. The lock goes with the process, however it ends.
hold_lock() {
    mkdir -p "$STATE"
    exec 9>"$STATE/$1.lock"
    flock -n 9 || return 1
    echo $$ >"$STATE/$1.pid"
}
