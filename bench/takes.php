<?php

declare(strict_types=1);

// How exactly a take triggers, how soon it obeys, and how far a fast world falls behind:
//   php bench/takes.php

use Evrent\Core\Format\PlanWriter;
use Evrent\Core\Format\TakeLogLines;
use Evrent\Core\Run\Body\BodySetting;
use Evrent\Core\Run\Take\LogKind;
use Evrent\Core\Run\Take\LogLine;
use Evrent\Core\Run\Take\Order;
use Evrent\Core\Run\Take\RehearsedLog;
use Evrent\Core\Schedule\Schedule;
use Evrent\Devices\Links\CameraLinks;
use Evrent\Devices\Links\SetsBody;
use Evrent\Devices\Virtual\DryRun;
use Tests\Core\Plans;
use Tests\Devices\DeviceProcess;

require __DIR__ . '/../vendor/autoload.php';
require __DIR__ . '/figures.php';

/**
 * A take of the plain plan on devices of its own.
 *
 * @param array<string, int|float|string> $timing what of it is otherwise, by JSON pointer
 * @param list<float>                     $orders at which seconds it is ordered to pause and to go on, in turn; how many seconds later it obeyed, afterwards
 *
 * @return list<LogLine>
 */
function take(array $timing, float $speed, array &$orders = []): array
{
    $folder = sys_get_temp_dir() . '/evrent-bench-' . bin2hex(random_bytes(6));
    mkdir($folder);
    $changes = ['/timing/head_photos' => 0, '/timing/tail_photos' => 0, '/rig/settle_s' => 0.1, '/camera/shutter_lag_s' => 0.02, '/camera/write_s' => 0.1,
        '/storage' => ['raw_mb' => 1, 'cards_gb' => [64]], '/power' => ['camera' => ['battery_wh' => 500], 'rig' => ['battery_wh' => 500]]];
    $plan = Plans::with($timing + $changes);
    file_put_contents("{$folder}/plan.json", PlanWriter::toJson($plan));
    $camera = new DeviceProcess(['camera', '--port=0', '--trigger-port=0', "--card={$folder}/card", "--speed={$speed}", "--plan={$folder}/plan.json"]);
    $rig = new DeviceProcess(['rig', '--port=0', "--trigger={$camera->second}", "--speed={$speed}", "--plan={$folder}/plan.json"]);
    $run = proc_open(
        [PHP_BINARY, __DIR__ . '/../bin/evrent', 'run', "{$folder}/plan.json", "--rig={$rig->address}", "--camera=ptp:{$camera->address}", "--log={$folder}/log", "--speed={$speed}",
            '--fix', '--force'],
        [['pipe', 'r'], ['file', '/dev/null', 'w'], ['file', 'php://stderr', 'w']],
        $pipes,
    );
    assert($run !== false);
    $began = microtime(true);
    $said = [];
    while (proc_get_status($run)['running']) {
        if (isset($orders[count($said)]) && microtime(true) - $began > $orders[count($said)]) {
            $said[] = microtime(true);
            fwrite($pipes[0], count($said) % 2 === 1 ? "pause\n" : "go_on\n");
        }
        usleep(2_000);
    }
    $log = TakeLogLines::read((string) file_get_contents("{$folder}/log"));
    $lines = $log['lines'];
    $begun = $log['header']['begun_unix_s'];
    // What was set before the start is ordered too.
    $obeyed = array_values(array_filter($lines, static fn (LogLine $line): bool => $line->kind === LogKind::Command
        && in_array($line->text('order'), [Order::Pause->value, Order::GoOn->value], true)));
    $orders = array_map(static fn (LogLine $line, float $at): float => (is_numeric($begun) ? (float) $begun : 0.0) + $line->seconds - $at, $obeyed, $said);
    exec('rm -rf ' . escapeshellarg($folder));

    return $lines;
}

/**
 * @param list<LogLine> $lines
 *
 * @return list<float> seconds from when photos were due to when they were triggered
 */
function jitter(array $lines): array
{
    $late = [];
    foreach ($lines as $line) {
        if ($line->kind === LogKind::Outcome) {
            $late[] = (float) $line->number('triggered_s') - (float) $line->number('due_s');
        }
    }

    return $late;
}

/**
 * @param list<float> $seconds
 */
function show(string $what, array $seconds): void
{
    sort($seconds);
    $at = static fn (float $share): float => 1_000.0 * $seconds[(int) min(count($seconds) - 1, floor($share * count($seconds)))];
    printf("%-62s median %6.2f ms   95 %% under %6.2f ms   most %6.2f ms\n", $what, $at(0.5), $at(0.95), $at(1.0));
}

/**
 * How long it takes to set and read back a body's ISO, again and again, at our own speed.
 *
 * @return list<float> seconds
 */
function sets(string $how): array
{
    $folder = sys_get_temp_dir() . '/evrent-bench-' . bin2hex(random_bytes(6));
    $camera = new DeviceProcess(['camera', '--port=0', '--trigger-port=0', "--card={$folder}"]);
    $link = CameraLinks::at($how === 'ptp' ? "ptp:{$camera->address}" : "ptpip:{$camera->address}:{$camera->port()}");
    assert($link instanceof SetsBody);
    $link->connect();
    $choices = $link->choices(BodySetting::Iso);
    $took = [];
    for ($n = 0; $n < 40; $n++) {
        $choice = $choices?->nearest($n % 2 === 0 ? 200.0 : 400.0);
        assert($choice !== null);
        $began = hrtime(true);
        $link->set(BodySetting::Iso, $choice);
        $took[] = (hrtime(true) - $began) / 1e9;
    }
    $link->disconnect();
    exec('rm -rf ' . escapeshellarg($folder));

    return $took;
}

foreach (['ptp', 'gphoto2'] as $how) {
    show("a setting set and read back, by {$how}", sets($how));
}
// A tenth of a second apart: what a bare loop does in the same time is what the machine can.
$bare = [];
$due = hrtime(true) + 100_000_000;
for ($n = 0; $n < 100; $n++) {
    $due += 100_000_000;
    usleep(max(0, intdiv($due - hrtime(true), 1_000)));
    $bare[] = (hrtime(true) - $due) / 1e9;
}
show('a bare loop: late by', $bare);
$orders = array_map(static fn (int $n): float => 5.0 + 1.37 * $n, range(0, 39));
take(['/timing/photos' => 60, '/timing/interval_s' => 1.0, '/timing/exposure_s' => 0.01], 1.0, $orders);
show('pause and go on, 40 times: obeyed after', $orders);
show('200 photos, one a second, 1×: triggered late by', array_slice(jitter(take(['/timing/photos' => 200, '/timing/interval_s' => 1.0, '/timing/exposure_s' => 0.01], 1.0)), 1));

$lines = take(['/timing/photos' => 3_000, '/timing/interval_s' => 14.4, '/timing/exposure_s' => 1.0], 1_000.0);
$triggers = array_values(array_filter($lines, static fn (LogLine $line): bool => $line->kind === LogKind::Outcome));
$took = (float) $triggers[2_999]->number('triggered_s') - (float) $triggers[0]->number('triggered_s');
printf("%-62s %.2f %%\n", '3,000 photos over 12 hours at 1,000×: behind by', 100.0 * ($took - 2_999 * 14.4) / (2_999 * 14.4));

$schedule = Schedule::of(Plans::with(['/timing/photos' => 3_000, '/timing/interval_s' => 14.4, '/timing/exposure_s' => 1.0]));
$from = hrtime(true);
$rehearsed = RehearsedLog::lines($schedule, DryRun::of($schedule, 1)->photos);
printf("%-62s %.2f s, %d lines\n", 'the same as a dry run, with its log', (hrtime(true) - $from) / 1e9, count($rehearsed));
