#!/bin/sh
# alone.sh NOTE COMMAND …: runs a service, after whatever an earlier run of it left behind is gone. A master that is killed leaves its
# workers on the port or the socket, and they would keep the next one out.
note=$1
shift
old=$(cat "$note" 2>/dev/null)
if [ -n "$old" ] && [ "$old" != $$ ] && pgrep -g "$old" 'nginx|php|ffmpeg' >/dev/null 2>&1; then
    kill -s KILL -- "-$old" 2>/dev/null
    # Gone for good before the next one wants its port.
    tries=0
    while pgrep -g "$old" >/dev/null 2>&1 && [ $tries -lt 50 ]; do sleep 0.02; tries=$((tries + 1)); done
fi
# The supervisor gives each service a process group of its own, with the number of the one that leads it: this.
echo $$ >"$note"
exec "$@"
