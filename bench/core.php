<?php

declare(strict_types=1);

use Evrent\Core\Checks\Finding;
use Evrent\Core\Checks\Report;
use Evrent\Core\Day\DayLine;
use Evrent\Core\Drawings\DayDrawing;
use Evrent\Core\Format\PlanReader;
use Evrent\Core\Format\PlanWriter;
use Evrent\Core\Format\ScheduleCsv;
use Evrent\Core\Format\StartText;
use Evrent\Core\Light\Light;
use Evrent\Core\Optics\Optics;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Shot\RampedPlan;
use Evrent\Core\Shot\School;
use Evrent\Core\Shot\SchoolsCompared;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Shot\ShotLight;
use Evrent\Core\Sky\Site;
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

/**
 * @return list<list<Evrent\Core\Checks\Remedy>> what mends each finding, which is worked out when it is asked for
 */
function remedies(Plan $plan): array
{
    return array_map(static fn (Finding $finding): array => $finding->remedies(), Report::on(Shot::of($plan))->findings);
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
    figures(number_format($photos) . ' photos: schedule and findings', $times, static fn (): Report => Report::on(Shot::of($plan)));
    $tight = plan($photos, 0.9);
    figures(number_format($photos) . ' photos that fall short: with their remedies', $times, static fn (): array => remedies($tight));
}
// An edit reads its plan, writes it and judges it once each. This is what every further time would add to it.
$edited = plan(1_000, 8);
$json = PlanWriter::toJson($edited);
figures('1,000 photos: saved by reading and writing the plan once', 200, static fn (): string => PlanWriter::toJson(PlanReader::fromJson($json)));
figures('1,000 photos: saved by judging it once', 100, static fn (): Report => Report::on(Shot::of($edited)));
// Light and sky: nothing is kept from one time to the next.
$site = new Site('Saltreach', 51.85, 1.9, 'Europe/London', '2027-03-23', 4);
figures('the day line: heights, light, bands, events', 60, static function () use ($site): array {
    $drawing = new DayDrawing(DayLine::of($site, true));

    return [$drawing->heights(), $drawing->tide()];
});
$dusk = plan(1_000, 8)->with(['site' => $site, 'start' => StartText::read('20 min before sunset'), 'light' => new Light(aperture: 5.6, longestSeconds: 4)]);
figures('1,000 photos at dusk: light and sky of each', 60, static fn (): ?ShotLight => ShotLight::of(Shot::of($dusk)));
figures('1,000 photos at dusk: the schools side by side', 60, static fn (): array => SchoolsCompared::of(Shot::of($dusk)));
figures('1,000 photos at dusk: a ramp as keys of the plan', 30, static fn (): ?Plan => RampedPlan::by(Shot::of($dusk), School::Stepless));
figures('1,000 photos at dusk that fall short: findings and remedies', 30, static fn (): array => remedies($dusk));
$ramped = RampedPlan::by(Shot::of($dusk), School::Stepless) ?? $dusk;
figures('1,000 photos at dusk on their ramp: findings', 60, static fn (): Report => Report::on(Shot::of($ramped)));
figures('bin/evrent sky, as a process', 20, static fn () => shell_exec(
    escapeshellarg(__DIR__ . '/../bin/evrent') . ' sky --lat=51.85 --lon=1.9 --at=2027-03-23T18:00:00Z',
));
$file = (string) tempnam(sys_get_temp_dir(), 'evrent');
file_put_contents($file, PlanWriter::toJson(plan(10_000, 8)));
figures('bin/evrent schedule of 10,000 photos as CSV, as a process', 10, static fn () => shell_exec(
    escapeshellarg(__DIR__ . '/../bin/evrent') . ' schedule --format=csv ' . escapeshellarg($file) . ' >/dev/null',
));
unlink($file);
$schedule = Schedule::of(plan(2_000, 8));
figures('2,000 photos: dry run in virtual time', 50, static fn () => DryRun::of($schedule, 1));
printf("%-58s %15.0f MB\n", 'peak memory', memory_get_peak_usage() / 1e6);
