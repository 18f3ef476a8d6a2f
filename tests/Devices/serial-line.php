<?php

declare(strict_types=1);

// A serial line between a rig on TCP and whoever opens its other end: php serial-line.php HOST:PORT says which device that is.

// Holds the far end open for as long as this lives, and not longer. What the board says before anybody is there is not echoed back to it.
$code = '$name = posix_ttyname(STDIN); exec("stty -F {$name} raw -echo"); echo $name, "\n"; for ($parent = posix_getppid(); posix_getppid() === $parent;) { sleep(1); }';
$holder = proc_open([PHP_BINARY, '-r', $code], [['pty'], ['pty'], ['file', '/dev/null', 'w']], $pipes);
$rig = stream_socket_client("tcp://{$argv[1]}");
assert($holder !== false && $rig !== false);
// A board greets whoever opens its line; this one has said it before anybody did.
echo trim((string) fgets($pipes[1])), "\n";
stream_set_blocking($pipes[1], false);
stream_set_blocking($rig, false);
while (true) {
    $ready = [$pipes[1], $rig];
    $none = null;
    stream_select($ready, $none, $none, 1);
    foreach ([[$pipes[1], $rig], [$rig, $pipes[0]]] as [$from, $to]) {
        $bytes = fread($from, 4_096);
        if (is_string($bytes) && $bytes !== '') {
            fwrite($to, $bytes);
        } elseif (feof($rig)) {
            proc_terminate($holder, SIGKILL);
            exit(0);
        }
    }
}
