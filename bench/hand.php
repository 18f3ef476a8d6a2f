<?php

declare(strict_types=1);

// How soon a rig in hand moves and brakes, and what a live view costs:
//   php bench/hand.php [PORT]
// With a port also how long a word takes through the pages of the server there.

use Evrent\Core\Format\PlanReader;
use Evrent\Devices\Daemon\Daemons;
use Evrent\Devices\Links\GcodeRig;
use Evrent\Devices\Protocol\Gcode\Dialect;
use Tests\Devices\DaemonProcess;
use Tests\Devices\DeviceProcess;

require __DIR__ . '/../vendor/autoload.php';
require __DIR__ . '/figures.php';

/** @param list<float> $seconds */
function told(string $what, array $seconds): void
{
    sort($seconds);
    $count = count($seconds);
    printf("%-58s median %8.2f ms   95 %% under %8.2f ms\n", $what, 1e3 * $seconds[intdiv($count, 2)], 1e3 * $seconds[(int) ceil($count * 0.95) - 1]);
}

// The trigger line tells when a motion begins, and for how long it goes on with what the rig has: "m SECONDS …".
$line = stream_socket_server('tcp://127.0.0.1:0');
assert($line !== false);
$rig = new DeviceProcess(['rig', '--port=0', '--speed=1000', '--trigger=' . stream_socket_get_name($line, false)]);
$daemon = new DaemonProcess();
$text = (string) file_get_contents(__DIR__ . '/../resources/plans/slide-pan-tilt.plan.json');
$plan = PlanReader::fromJson($text);
$link = new GcodeRig($plan->rig, $rig->address, Dialect::usual());
$link->connect();
$link->home(static fn () => null);
// As fast as both plan and rig go.
$axis = $link->report()?->axes($plan->rig, $link->letters())['slide'] ?? throw new RuntimeException('no slide');
$link->disconnect();
$key = Daemons::keyOfRig($rig->address);
$daemon->daemons->open($key, ['kind' => 'rig', 'address' => $rig->address, 'plan' => $text]);
$heard = stream_socket_accept($line, 5.0);
assert($heard !== false);
stream_set_blocking($heard, false);

/** @return list<array{float, float}> when motions were told of, and for how long each goes on */
$motions = static function (float $seconds) use ($heard): array {
    $found = [];
    for ($until = microtime(true) + $seconds; microtime(true) < $until; usleep(200)) {
        foreach (explode("\n", (string) fread($heard, 65_536)) as $told) {
            if (preg_match('/^m ([\d.]+)/', $told, $lasts) === 1) {
                $found[] = [microtime(true), (float) $lasts[1]];
            }
        }
    }

    return $found;
};
$number = 0;
$steer = static function (array $shares) use ($daemon, $key, &$number): void {
    $daemon->ask($key, ['do' => 'steer', 'who' => 'bench', 'n' => ++$number, 'shares' => $shares]);
};
$pressed = $released = [];
for ($n = 0; $n < 30; $n++) {
    $daemon->stands($key);
    $motions(0.02);
    $way = ['slide' => $n % 2 === 0 ? 0.5 : -0.5];
    $said = microtime(true);
    $steer($way);
    $all = $motions(0.04);
    $pressed[] = $all[0][0] - $said;
    for ($word = 0; $word < 24; $word++) {
        $last = microtime(true);
        $steer($way);
        $all = [...$all, ...$motions(0.045)];
    }
    $let = microtime(true);
    $steer([]);
    $all = [...$all, ...$motions(0.02)];
    [$at, $lasts] = $all[count($all) - 1];
    // It brakes from half its top speed: v/a before it stands.
    $released[] = $at + $lasts - 0.5 * $axis->maxSpeed / $axis->maxAcceleration - $let;
}
told('a press, until the rig moves', $pressed);
told('letting go, until it brakes', $released);
$daemon->stands($key);

$folder = sys_get_temp_dir() . '/evrent-bench-' . bin2hex(random_bytes(6));
$camera = new DeviceProcess(['camera', '--port=0', '--trigger-port=0', "--card={$folder}"]);
$camerasKey = (string) Daemons::keyOfCamera("ptp:{$camera->address}");
$daemon->daemons->open($camerasKey, ['kind' => 'camera', 'address' => "ptp:{$camera->address}"]);
/** @return float seconds of processor that all PHP below this user has taken */
$load = static fn (): float => array_sum(array_map(
    static fn (string $path): float => array_sum(array_slice(explode(' ', (string) strrchr((string) @file_get_contents($path), ')')), 12, 2)) / 100.0,
    array_filter(array_map(strval(...), (array) glob('/proc/[0-9]*/stat')), static fn (string $path): bool => str_contains((string) @file_get_contents($path), '(php')),
));
[$began, $took, $frames, $after] = [microtime(true), $load(), 0, 0];
while (microtime(true) < $began + 5.0) {
    $answer = $daemon->ask($camerasKey, ['do' => 'frame', 'after' => $after, 'histogram' => true]);
    $frames += $answer->picture === '' ? 0 : 1;
    $after = is_int($answer->fields['frame']) ? $answer->fields['frame'] : 0;
    usleep(45_000);
}
$seconds = microtime(true) - $began;
printf("%-58s %5.1f a second, %3.0f %% of one processor\n", 'live view, watched by one', $frames / $seconds, 100.0 * ($load() - $took) / $seconds);
exec('rm -rf ' . escapeshellarg($folder));

if (isset($argv[1])) {
    $base = "http://127.0.0.1:{$argv[1]}";
    $curl = curl_init();
    $ask = static function (string $path, ?array $json = null) use ($base, $curl): string {
        curl_reset($curl);
        curl_setopt_array($curl, [
            CURLOPT_URL => $base . $path, CURLOPT_RETURNTRANSFER => true, CURLOPT_COOKIEFILE => '',
            CURLOPT_HTTPHEADER => ['HX-Request: true', 'Sec-Fetch-Site: same-origin', 'Accept: application/json', 'Content-Type: application/json'],
        ]);
        if ($json !== null) {
            curl_setopt_array($curl, [CURLOPT_POST => true, CURLOPT_POSTFIELDS => json_encode($json, JSON_THROW_ON_ERROR)]);
        }

        return (string) curl_exec($curl);
    };
    $page = static fn (string $pattern, string $html): string => preg_match($pattern, $html, $found) === 1 ? $found[1] : throw new RuntimeException("No {$pattern}");
    $shoot = $page('~(/shoots/\d+)~', $ask('/'));
    $shot = $page('~(/shoots/\d+/shots/\d+)"[^>]*>Flood~', $ask($shoot));
    $chosen = $page('~id="rig-choice".*?<option value="(\d+)"~s', $ask("{$shot}/frame"));
    $ask("{$shot}/rig", ['rig' => $chosen, 'do' => 'connect', 'who' => 'bench']);
    figures('a word to the rig in hand, through the page', 200, static fn (): string => $ask("{$shot}/rig", ['rig' => $chosen, 'do' => 'status', 'who' => 'bench']));
    figures('whether anything moves, asked on every page', 100, static fn (): string => $ask("{$shot}/rig"));
    $ask("{$shot}/rig", ['rig' => $chosen, 'do' => 'release', 'who' => 'bench']);
}
