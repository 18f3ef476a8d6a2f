# PostgreSQL for this copy of Evrent alone: its own cluster, on loopback, on a port of its own.
# Databases that are already on the machine are never touched.
# shellcheck shell=bash

# PostgreSQL refuses to run as root, so as root the cluster belongs to the user that Debian's package makes.
as_postgres() {
    if [ "$(id -u)" -eq 0 ]; then
        (cd / && runuser -u postgres -- "$@")
    else
        "$@"
    fi
}

# In this folder where that user can reach it, else where Debian keeps the data of services.
choose_cluster_folder() {
    CLUSTER="$STATE/postgres"
    if [ "$(id -u)" -eq 0 ] && ! as_postgres test -x "$STATE"; then
        CLUSTER="/var/lib/evrent/$(sha256sum <<<"$(copy_name)" | cut -c1-12)/postgres"
        mkdir -p "$(dirname "$CLUSTER")"
        chmod 755 /var/lib/evrent "$(dirname "$CLUSTER")"
    fi
    PASSWORD_FILE="$(dirname "$CLUSTER")/postgres-password"
}

create_cluster() {
    tell going_on step="$(words cluster)"
    rm -rf "$CLUSTER"
    mkdir -p "$CLUSTER"
    head -c 24 /dev/urandom | base64 | tr -d '+/=' >"$PASSWORD_FILE"
    if [ "$(id -u)" -eq 0 ]; then chown postgres: "$CLUSTER" "$PASSWORD_FILE"; fi
    chmod 600 "$PASSWORD_FILE"
    quietly "$(words cluster)" as_postgres "$PG_BIN/initdb" -D "$CLUSTER" --username=evrent --pwfile="$PASSWORD_FILE" \
        --auth=scram-sha-256 --encoding=UTF8 --locale=C.UTF-8
    as_postgres touch "$CLUSTER/evrent-ready"
}

database_is_running() { as_postgres "$PG_BIN/pg_ctl" -D "$CLUSTER" status >/dev/null 2>&1; }

# Below the ports that the system gives to outgoing connections, any of which may be taken a moment later. Another copy that starts now may
# take one before this one does: then it is tried on the next.
FIRST_DATABASE_PORT=24610
LAST_TRY=4

start_cluster() {
    local try from=$FIRST_DATABASE_PORT how
    for ((try = 1; try <= LAST_TRY; try++)); do
        take_port DB_PORT "$from"
        from=$((DB_PORT + 1))
        tell starting_database port="$DB_PORT"
        how=silently
        [ "$try" -lt "$LAST_TRY" ] || how=quietly
        # Without the lock's descriptor: the server outlives the command that started it.
        "$how" "$(words start_database)" as_postgres "$PG_BIN/pg_ctl" -D "$CLUSTER" -w -l "$CLUSTER/server.log" start \
            -o "-p $DB_PORT -c listen_addresses=127.0.0.1 -c unix_socket_directories=''" 9>&- && return
    done
}
silently() { "${@:2}" >/dev/null 2>&1; }

# Sets DB_PORT and DATABASE_STARTED (1 when this call started it).
ensure_database_runs() {
    PG_BIN=$(postgres_bin)
    choose_cluster_folder
    # A cluster whose making was cut short lacks the mark, and is made again.
    if [ ! -e "$CLUSTER/evrent-ready" ]; then create_cluster; fi
    if database_is_running; then
        DATABASE_STARTED=0
        DB_PORT=$(sed -n 4p "$CLUSTER/postmaster.pid")
    else
        start_cluster
        DATABASE_STARTED=1
    fi
    PGPASSWORD=$(cat "$PASSWORD_FILE")
    export DB_PORT PGPASSWORD DATABASE_STARTED
    write_environment
}

stop_database() {
    if [ "${DATABASE_STARTED:-0}" = 1 ]; then
        as_postgres "$PG_BIN/pg_ctl" -D "$CLUSTER" -m fast -w stop >/dev/null 2>&1 || true
    fi
}

# Whoever started it.
stop_any_database() {
    PG_BIN=$(postgres_bin)
    choose_cluster_folder
    DATABASE_STARTED=1
    stop_database
}

# The database that this command started is stopped, for the supervisor to start it again as its own.
hand_over_database() {
    if [ "$DATABASE_STARTED" = 1 ]; then stop_database; fi
}

sql() { "$PG_BIN/psql" -X -q -v ON_ERROR_STOP=1 -h 127.0.0.1 -p "$DB_PORT" -U evrent -d "$1" -Atc "$2"; }

database_exists() { [ "$(sql postgres "select 1 from pg_database where datname = '$1'")" = 1 ]; }

ensure_database() { database_exists "$1" || sql postgres "create database $1"; }

# Made once, and kept: what is encrypted with it stays readable.
application_key() {
    local file="$STATE/application-key"
    if [ ! -s "$file" ]; then
        (umask 077 && { sed -n 's/^APP_KEY=//p' "$ROOT/.env" 2>/dev/null | grep . || echo "base64:$(head -c 32 /dev/urandom | base64)"; } >"$file")
    fi
    cat "$file"
}

# The framework reads its settings from .env; the application key, once made, is kept.
write_environment() {
    local key
    key=$(application_key)
    # Only this folder's own copy says what its commands and tests talk to.
    [ "$STATE" = "$VAR" ] || return 0
    (
        umask 077
        cat >"$ROOT/.env.new" <<ENV
APP_NAME=Evrent
APP_ENV=production
APP_DEBUG=false
APP_KEY=$key
DB_CONNECTION=pgsql
DB_HOST=127.0.0.1
DB_PORT=$DB_PORT
DB_DATABASE=evrent
DB_USERNAME=evrent
DB_PASSWORD=$PGPASSWORD
ENV
    )
    mv "$ROOT/.env.new" "$ROOT/.env"
}
