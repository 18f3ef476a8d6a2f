# The web server, the application, the queue and the database, kept running by a supervisor that brings back whatever dies.
# shellcheck shell=bash

# Who they run as: nobody of importance. Started as root, that is Debian's web user; PostgreSQL has one of its own.
choose_user() {
    if [ "$(id -u)" -eq 0 ]; then SERVICE_USER=www-data; else SERVICE_USER=$(id -un); fi
}

as_service() {
    if [ "$(id -u)" -eq 0 ]; then
        (cd / && runuser -u "$SERVICE_USER" -- "$@")
    else
        "$@"
    fi
}

# Where what they write lies: storage, sockets, logs. In this folder where that user can reach it, else where Debian keeps the data of
# services; then the application is copied there too, so that it need not read what is not for it.
choose_home() {
    choose_user
    APP="$ROOT"
    HOME_FOLDER="$STATE/services"
    if [ "$(id -u)" -eq 0 ] && ! as_service test -r "$ROOT/vendor/autoload.php" -a -r "$ROOT/public/index.php" -a -x "$STATE"; then
        HOME_FOLDER="/var/lib/evrent/$(sha256sum <<<"$(copy_name)" | cut -c1-12)/services"
        APP="$HOME_FOLDER/app"
    fi
    RUN="$HOME_FOLDER/$SERVICES"
    STORAGE="$HOME_FOLDER/storage"
    mkdir -p "$RUN" "$STORAGE"/{app,logs} "$STORAGE"/framework/{cache/data,sessions,views}
    if [ "$APP" != "$ROOT" ]; then
        tell copying
        mkdir -p "$APP"
        (cd "$ROOT" && tar -cf - --exclude=./var --exclude=./storage --exclude=./.git --exclude=./node_modules --exclude=./.env .) | tar -xf - -C "$APP"
        chmod -R u+rwX,go+rX "$APP"
    fi
    if [ "$(id -u)" -eq 0 ]; then
        chown -R "$SERVICE_USER:" "$RUN" "$STORAGE"
        chmod 755 "$(dirname "$HOME_FOLDER")" "$HOME_FOLDER"
    fi
    chmod 700 "$RUN" "$STORAGE"
}

# Whoever started it reads photos from home, and from what was named.
photo_roots() {
    local home=${HOME:-}
    [ "$home" != / ] || home=''
    printf '%s' "${EVRENT_PHOTOS:+$EVRENT_PHOTOS:}$home"
}

# One name for this copy: its cookies, and what a browser keeps for it, are not those of another on the same machine.
instance_name() { sha256sum <<<"$(copy_name):$SERVICES" | cut -c1-10; }

php_fpm() { find /usr/sbin /usr/local/sbin -name 'php-fpm*' 2>/dev/null | sort -V | tail -n 1; }

# write_error_page NAME SECONDS: what the web server shows by itself, in each language and look, while the application cannot. Asks again
# after so many seconds, if any.
write_error_page() {
    local again='' file look scheme ground ink link WORDS_LANGUAGE
    [ -z "$2" ] || again="<meta http-equiv=\"refresh\" content=\"$2\">"
    for file in "$ROOT"/lang/*/launch.php; do
        WORDS_LANGUAGE=$(basename "$(dirname "$file")")
        # The colours of resources/css/_looks.scss.
        while read -r look scheme ground ink link; do
            sed -e "s|@SCHEME@|$scheme|; s|@GROUND@|$ground|g; s|@INK@|$ink|; s|@LINK@|$link|; s|@AGAIN@|$again|; s|@LANGUAGE@|$WORDS_LANGUAGE|" \
                -e "s|@TITLE@|$(words "$1_title")|g; s|@TEXT@|$(words "$1_text")|; s|@TO_SHOOTS@|$(words to_shoots)|" \
                "$ROOT/support/server/error.html" >"$RUN/errors/$1-$look-$WORDS_LANGUAGE.html"
        done <<'LOOKS'
day light #dfe6e2 #10262c #0a4d5c
dusk dark #141b26 #ece4d4 #ffd36b
night dark #000000 #f03a26 #ff5640
LOOKS
    done
}

write_services() {
    local port=$1 database=$2 with_database=$3 user='' pg_user='' names key pages='' later='nice -n 5'
    if [ "$(id -u)" -eq 0 ]; then
        user="user=$SERVICE_USER"
        pg_user='user=postgres'
        # Only root gives a take more than its share: the supervisor starts with that, and the others give it up.
        pages='nice -n 5'
        later='nice -n 7'
    fi
    names="127.0.0.1 localhost [::1] ${EVRENT_NAMES//,/ }"
    key=$(application_key)
    SERVICE_ENVIRONMENT=(
        "HOME=$RUN" "PATH=$PATH" APP_ENV=production APP_DEBUG=false APP_NAME=Evrent "APP_KEY=$key" "APP_URL=http://127.0.0.1:$port"
        "LARAVEL_STORAGE_PATH=$STORAGE" "VIEW_COMPILED_PATH=$RUN/views" "APP_PACKAGES_CACHE=$RUN/packages.php" "APP_SERVICES_CACHE=$RUN/services.php"
        DB_CONNECTION=pgsql DB_HOST=127.0.0.1 "DB_PORT=$DB_PORT" "DB_DATABASE=$database" DB_USERNAME=evrent "DB_PASSWORD=$PGPASSWORD"
        "SESSION_COOKIE=evrent_$(instance_name)" "EVRENT_INSTANCE=$(instance_name)" "EVRENT_NAMES=${EVRENT_NAMES:-}" CACHE_STORE=file QUEUE_CONNECTION=database
    )
    # The simulated rig and camera stand next to the web server's port, or where the next is free. They are asked for by this copy's own name:
    # another copy's never answer for them.
    local rig camera trigger speed=${EVRENT_SPEED:-1} name
    take_port rig $((port + 1))
    take_port camera $((rig + 1))
    take_port trigger $((camera + 1))
    name=$(instance_name)
    SERVICE_ENVIRONMENT+=("EVRENT_SPEED=$speed" "EVRENT_RIG=127.0.0.1:$rig#$name" "EVRENT_CAMERA=ptp:127.0.0.1:$camera#$name" "EVRENT_CARD=$RUN/card" "EVRENT_RUN=$RUN" "EVRENT_PHOTOS=$(photo_roots)")
    # Where they were the last time.
    rm -f "$RUN/rig.at" "$RUN/camera.at"
    mkdir -p "$RUN/views" "$RUN/nginx" "$RUN/errors" "$RUN/card"
    write_error_page bad ''
    write_error_page away 2
    write_error_page full 5
    sed -e "s|@RUN@|$RUN|g" -e "s|@PUBLIC@|$APP/public|g" -e "s|@PORT@|$port|g" -e "s|@NAMES@|$names|g" -e "s|@LANGUAGE@|$WORDS_LANGUAGE|g" "$ROOT/support/server/nginx.conf" >"$RUN/nginx.conf"
    sed -e "s|@RUN@|$RUN|g" -e "s|@CHILDREN@|${EVRENT_WORKERS:-6}|g" "$ROOT/support/server/php-fpm.conf" >"$RUN/php-fpm.conf"
    (
        umask 077
        sed -e "s|@RUN@|$RUN|g" -e "s|@USER@|$user|g" -e "s|@FPM@|$(php_fpm)|g" -e "s|@APP@|$APP|g" \
            -e "s|@PAGES@|$pages|g" -e "s|@LATER@|$later|g" -e "s|@NAME@|$name|g" -e "s|@RIG@|$rig|g" -e "s|@CAMERA@|$camera|g" -e "s|@TRIGGER@|$trigger|g" -e "s|@SPEED@|$speed|g" -e "s|@CARD@|$RUN/card|g" \
            "$ROOT/support/server/supervisord.conf" >"$RUN/supervisord.conf.new"
        printf 'environment=%s\n' "$(printf '%s\n' "${SERVICE_ENVIRONMENT[@]}" | sed -e 's/%/%%/g' -e 's/^\([A-Z_]*\)=\(.*\)$/\1="\2"/' | paste -sd,)" >"$RUN/environment"
        sed -i -e "/^@ENVIRONMENT@$/{r $RUN/environment
d}" "$RUN/supervisord.conf.new"
        rm -f "$RUN/environment"
        if [ "$with_database" = yes ]; then
            cat >>"$RUN/supervisord.conf.new" <<CONF

[program:database]
command=$PG_BIN/postgres -D $CLUSTER -p $DB_PORT -c listen_addresses=127.0.0.1 -c unix_socket_directories=''
$pg_user
directory=/
priority=1
autorestart=true
startsecs=0
stopsignal=INT
stopwaitsecs=20
stdout_logfile=$RUN/database.log
redirect_stderr=true
stdout_logfile_maxbytes=2MB
stdout_logfile_backups=1
CONF
        fi
    )
    mv "$RUN/supervisord.conf.new" "$RUN/supervisord.conf"
    if [ "$(id -u)" -eq 0 ]; then
        chown -R "$SERVICE_USER:" "$RUN"
        chown root: "$RUN/supervisord.conf"
    fi
}

supervisor_pid() { cat "$RUN/supervisord.pid" 2>/dev/null || true; }

supervisor_runs() {
    local pid
    pid=$(supervisor_pid)
    [ -n "$pid" ] && kill -0 "$pid" 2>/dev/null && grep -aq "$RUN/supervisord.conf" "/proc/$pid/cmdline" 2>/dev/null
}

# Process groups that services noted when they started, and that are still there: after a supervisor was killed, they run on.
stray_groups() {
    local note group
    for note in "$RUN"/*.group; do
        group=$(cat "$note" 2>/dev/null) || continue
        [ -n "$group" ] && pgrep -g "$group" 'nginx|php|ffmpeg' >/dev/null 2>&1 && echo "-$group"
    done
    true
}

# The application's own commands, as its own user.
artisan() (
    # Not as arguments, where every process on the machine could read the password.
    export "${SERVICE_ENVIRONMENT[@]}"
    as_service php "$APP/artisan" "$@"
)

# start_services PORT: what write_services wrote is started. The caller holds the lock.
start_services() {
    # In a session of its own: a Ctrl-C at the terminal goes to the command that started it, which stops it in order.
    local first=()
    [ "$(id -u)" -ne 0 ] || first=(nice -n -5)
    setsid "${first[@]}" supervisord -c "$RUN/supervisord.conf" >"$RUN/start.log" 2>&1 </dev/null 9>&- 8>&- || fail "$(words no_supervisor)" "$(words no_supervisor_help file="$RUN/start.log")"
    local tries
    for tries in $(seq 1 200); do
        if curl -fs -m 2 -o /dev/null "http://127.0.0.1:$1/up"; then return; fi
        supervisor_runs || { [ "$tries" -lt 20 ] || break; }
        sleep 0.1
    done
    fail "$(words no_answer port="$1")" "$(words no_answer_help run="$RUN" storage="$STORAGE/logs")"
}

stop_services() {
    [ -n "${RUN:-}" ] && [ -d "$RUN" ] || return 0
    local pid tries
    if supervisor_runs; then
        pid=$(supervisor_pid)
        kill -TERM "$pid" 2>/dev/null || true
        for tries in $(seq 1 250); do kill -0 "$pid" 2>/dev/null || break; sleep 0.1; done
    fi
    # shellcheck disable=SC2046
    kill -KILL -- $(stray_groups) 2>/dev/null || true
    for tries in $(seq 1 50); do [ -n "$(stray_groups)" ] || break; sleep 0.05; done
    rm -f "$RUN/supervisord.pid"
}
