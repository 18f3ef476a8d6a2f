# Backups: one file, with what it holds and its checksum in it.
# shellcheck shell=bash

# Rows of every table, as "name count" lines in the order of names.
table_counts() {
    local table
    for table in $(sql "$1" "select tablename from pg_tables where schemaname = 'public' order by 1"); do
        echo "$table $(sql "$1" "select count(*) from \"$table\"")"
    done
}

# back_up DATABASE FILE: written beside and moved there when it is whole.
back_up() {
    local database=$1 file=$2 work
    work=$(mktemp -d "$STATE/backup.XXXXXX")
    (
        umask 077
        cd "$work"
        "$PG_BIN/pg_dump" -h 127.0.0.1 -p "$DB_PORT" -U evrent -Fc -Z 6 -f database.dump "$database"
        # Counted in what was dumped, not in a database that goes on changing.
        "$PG_BIN/pg_restore" -l database.dump >contents
        {
            echo 'format evrent.backup/1'
            echo "made $(date -u +%Y-%m-%dT%H:%M:%SZ)"
            echo "sha256 $(sha256sum database.dump | cut -d' ' -f1)"
            "$PG_BIN/pg_restore" -a -f - database.dump | awk '/^COPY public\./ { split($2, n, "."); table = n[2]; gsub(/"/, "", table); rows = 0; inside = 1; next } inside && /^\\\.$/ { print "rows", table, rows; inside = 0; next } inside { rows++ }' | sort
        } >about
        tar -cf backup.tar about database.dump
        sync backup.tar
    ) || { rm -rf "$work"; fail "$(words backup_failed)" "$(words backup_failed_help)"; }
    mv "$work/backup.tar" "$file"
    rm -rf "$work"
}

# check_backup FILE FOLDER: unpacks it there, and refuses what is torn or something else.
check_backup() {
    local file=$1 folder=$2
    # Two files and nothing else, wherever the file came from: no links, no owners, no other machine by a colon in its name.
    tar --force-local --no-same-owner --no-same-permissions -xf "$file" -C "$folder" -- about database.dump 2>/dev/null && [ ! -L "$folder/about" ] && [ ! -L "$folder/database.dump" ] || fail "$(words not_a_backup file="$file")"
    [ "$(sed -n 's/^format //p' "$folder/about")" = evrent.backup/1 ] || fail "$(words other_format file="$file")"
    [ "$(sed -n 's/^sha256 //p' "$folder/about")" = "$(sha256sum "$folder/database.dump" | cut -d' ' -f1)" ] || fail "$(words damaged file="$file")"
}

# restore_into DATABASE FOLDER: a database of that name is made of what check_backup unpacked, and counted against it.
restore_into() {
    local database=$1 folder=$2
    sql postgres "drop database if exists $database"
    sql postgres "create database $database"
    "$PG_BIN/pg_restore" -h 127.0.0.1 -p "$DB_PORT" -U evrent -d "$database" --no-owner --exit-on-error --single-transaction "$folder/database.dump" ||
        fail "$(words restore_failed)" "$(words unchanged)"
    diff <(sed -n 's/^rows //p' "$folder/about") <(table_counts "$database") >&2 || fail "$(words rows_missing)" "$(words unchanged)"
}

# interrupt_takes DATABASE: what was under way in it moves nothing by itself. Nobody knows where the rig stands by now.
interrupt_takes() {
    local found
    found=$(sql "$1" "select count(*) from pg_tables where schemaname = 'public' and tablename in ('takes', 'device_checks')")
    [ "$found" = 2 ] || return 0
    sql "$1" "update takes set status = 'interrupted', beat_at = null where status <> 'ended'"
    sql "$1" "update device_checks set status = 'stopped' where status in ('waiting', 'running')"
}

# Before the database is brought up to date, if there is something to do and something to lose.
back_up_before_migrating() {
    local file
    [ "$(sql evrent "select count(*) from pg_tables where tablename = 'migrations'")" = 1 ] || return 0
    if [ "$(sql evrent 'select migration from migrations' | sort)" = "$(cd "$ROOT/database/migrations" && basename -s .php -- *.php | sort)" ]; then return 0; fi
    mkdir -p "$STATE/backups"
    chmod 700 "$STATE/backups"
    file="$STATE/backups/before-upgrade-$(date -u +%Y%m%d-%H%M%S).backup"
    back_up evrent "$file"
    tell backed_up_before file="$file"
}
