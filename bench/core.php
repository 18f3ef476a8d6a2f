<?php

declare(strict_types=1);

use Evrent\Core\Checks\Report;
use Evrent\Core\Format\PlanReader;
use Evrent\Core\Format\ScheduleCsv;
use Evrent\Core\Optics\Optics;
use Evrent\Core\Plan;
use Evrent\Core\Schedule\Schedule;
use Evrent\Devices\Virtual\DryRun;

require __DIR__ . '/../vendor/autoload.php';
require __DIR__ . '/figures.php';

/** The plain demo plan on three axes with five keyframes and its optics, longer or tighter. */
function plan(int $photos, float $intervalSeconds): Plan
{
    $json = (string) file_get_contents(__DIR__ . '/../database/seeders/demo/flood-tide-at-the-mill-race.plan.json');

    return PlanReader::fromJson(str_replace(['"photos": 216', '"interval_s": 8'], ['"photos": ' . $photos, '"interval_s": ' . $intervalSeconds], $json))
        ->withKeyframeAfter(0)->withKeyframeAfter(0)->withKeyframeAfter(2)->withOptics(Optics::usual());
}

// First, while nothing else has taken memory: a file of any length is made in little.
$rows = 0;
$long = plan(200_000, 8);
$start = hrtime(true);
foreach (ScheduleCsv::rows($long) as $row) {
    $rows++;
}
printf("%-58s %14.1f s    peak memory %.1f MB\n", number_format($rows) . ' rows of CSV, streamed', (hrtime(true) - $start) / 1e9, memory_get_peak_usage() / 1e6);

foreach ([500 => 100, 1_000 => 100, 10_000 => 20, 100_000 => 3] as $photos => $times) {
    $plan = plan($photos, 8);
    figures(number_format($photos) . ' photos: schedule and findings', $times, static fn (): Report => Report::on(Schedule::of($plan)));
    $tight = plan($photos, 0.9);
    figures(number_format($photos) . ' photos that fall short: with their remedies', $times, static fn (): Report => Report::on(Schedule::of($tight)));
}
$schedule = Schedule::of(plan(2_000, 8));
figures('2,000 photos: dry run in virtual time', 50, static fn () => DryRun::of($schedule, 1));
printf("%-58s %15.0f MB\n", 'peak memory', memory_get_peak_usage() / 1e6);
