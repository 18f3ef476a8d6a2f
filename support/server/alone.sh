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
# When it started, the last times: what dies again and again is known by it.
{ tail -n 19 "$note.starts" 2>/dev/null; date +%s; } >"$note.starts.new" && mv "$note.starts.new" "$note.starts"
chmod 644 "$note.starts"
# The supervisor gives each service a process group of its own, with the number of the one that leads it: this.
echo $$ >"$note"
exec "$@"
