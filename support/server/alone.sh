#!/bin/sh
# alone.sh NOTE COMMAND …: runs a service, after whatever an earlier run of it left behind is gone. A master that is killed leaves its
# workers on the port or the socket, and they would keep the next one out.
note=$1
shift
old=$(cat "$note" 2>/dev/null)
if [ -n "$old" ] && [ "$old" != $$ ] && [ "$(ps -o comm= -g "$old" 2>/dev/null | grep -cE 'nginx|php|postgres')" -gt 0 ]; then
    kill -KILL -- "-$old" 2>/dev/null
fi
# The supervisor gives each service a process group of its own, with the number of the one that leads it: this.
echo $$ >"$note"
exec "$@"
