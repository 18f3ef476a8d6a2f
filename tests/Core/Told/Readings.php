<?php

declare(strict_types=1);

namespace Tests\Core\Told;

use Evrent\Core\Editing\Edited;
use Evrent\Core\Editing\PinnedPlan;
use Evrent\Core\Format\FaultsReader;
use Evrent\Core\Format\FieldTexts;
use Evrent\Core\Format\KitFormat;
use Evrent\Core\Format\PlanReader;
use Evrent\Core\Format\RunLogJson;
use Evrent\Core\Format\ScheduleCsv;
use Evrent\Core\Format\ScheduleJson;
use Evrent\Core\Format\SkyJson;
use Evrent\Core\Format\StartText;
use Evrent\Core\Kit\KitItem;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Run\TypicalFaults;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Sky\Start;
use Evrent\Core\Values\InvalidInput;
use Evrent\Devices\Virtual\DryRun;
use Tests\Core\Format\PlanReaderTest;
use Tests\Core\Plans;

/**
 * What is read of files and fields, and told where they cannot be read; and what is written of a shot and its runs.
 */
final class Readings
{
    private const STARTS = [
        '', '16:20', '9:05', '24:00', '7 pm', 'tomorrow 04:10', '04:10 tomorrow', 'sunset', 'at sunset', '20 min before sunset', '1 h after sunrise', '2 hours after moonrise',
        '90 s before civil dawn', 'the sun sinks to 5', 'sun rises to -3.5°', 'moon rises to 91', 'moon sinks to', 'the galactic centre stands at 20° high', 'galactic centre reaches 15',
        '10 min before the moon sinks to 12°', 'nautical dusk, next day', '30 h before sunset', 'noon', '−10 min before sunset', '1:30 after astronomical dusk',
    ];
    private const TYPED = ['7', 'x', '', '-1', '20 photos', '1/4'];
    private const KIT_FILES = [
        'no kit' => '[]', 'another format' => '{"format":"evrent.kit/2","items":[]}', 'empty' => '{"format":"evrent.kit/1","items":[]}',
        'one lens' => '{"format":"evrent.kit/1","items":[{"kind":"lens","name":"Normal","focal_mm":50}]}',
        'unknown field' => '{"format":"evrent.kit/1","items":[{"kind":"lens","name":"Normal","focal_mm":50,"colour":"red"}],"more":1}',
        'unknown kind' => '{"format":"evrent.kit/1","items":[{"kind":"drone","name":""},{"kind":"card","name":"Card","capacity_gb":"much","count":1.5}]}',
        'rows' => "kind,name,count,note,focal_mm\r\nlens,Normal,1,,50\r\nlens,\"Long, heavy\",2,\"a \"\"note\"\"\",200\r\n",
        'semicolons' => "kind;name;focal_mm\nlens;Normal;50,5\n\n", 'bad rows' => "kind,name,count,focal_mm\nlens,,0,0\ncamera,x,1,5\nlens,Wide,1.5,x,9\n",
        'unknown column' => "kind,name,weight\nlens,Normal,3\n", 'no name column' => "kind,focal_mm\nlens,3\n", 'twice' => "kind,name,focal_mm\nlens,A,50\nlens,A,60\n", 'not closed' => "kind,name\nlens,\"A\n",
    ];
    private const FAULTS = [
        '{"format":"evrent.faults/1","faults":[{"kind":"pause","frame":5,"seconds":3},{"kind":"stalled_axis","frame":7,"axis":"pan","frames":2},{"kind":"slow_card","frame":9,"frames":3,"factor":4}]}',
        '{"format":"evrent.faults/1","faults":[{"kind":"lost_steps","frame":11,"axis":"slide","steps":40},{"kind":"missed_trigger","frame":13},{"kind":"power_cut","frame":15,"seconds":60}]}',
        '{"format":"evrent.faults/1","faults":[{"kind":"pause","frame":0},{"kind":"stalled_axis","frame":7,"axis":"roll","frames":0},{"kind":"slow_card","frame":9,"factor":0.5}],"more":true}',
        '{"format":"x","faults":[{"kind":"gremlin","frame":"a"},{"kind":"pause","frame":2,"seconds":-1,"why":"no"}]}', '[', '{"format":"evrent.faults/1"}',
    ];
    private const INSTANTS = ['2027-03-23T18:00:00Z', '2027-03-23T18:00Z', '1949-12-31T00:00:00Z', '1950-01-01T00:00:00Z', '2100-12-31T23:59:59.5+02:00', '2101-01-01T00:00:00Z', '2027-02-29T00:00:00Z', 'now'];

    /**
     * @return array<string, callable(): array<string, mixed>>
     */
    public static function all(): array
    {
        return ['refused plans' => self::refusedPlans(...), 'typed fields' => self::typedFields(...), 'texts' => self::texts(...), 'runs' => self::runs(...)];
    }

    /**
     * @return array<string, mixed>
     */
    private static function refusedPlans(): array
    {
        $told = [];
        foreach (PlanReaderTest::badFields() as $name => [$pointer, $value]) {
            $told[$name] = self::read(static fn (): Plan => PlanReader::fromJson(Plans::json([$pointer => $value])));
        }
        foreach (['', '[]', '{"format":"evrent.plan/1"}', '{"timing":5,"rig":[],"move":{"keyframes":{}}}', str_repeat('[', 33) . str_repeat(']', 33), "\u{feff}{}"] as $text) {
            $told["“{$text}”"] = self::read(static fn (): Plan => PlanReader::fromJson($text));
        }

        return $told;
    }

    /**
     * @return array<string, mixed> each field of a plan by its pointer, typed in every way
     */
    private static function typedFields(): array
    {
        $told = [];
        $plan = Plans::with(Shots::DUSK + ['/move/keyframes/0/easing' => ['ramp_in' => 0.1, 'ramp_out' => 0.3]]);
        foreach (FieldTexts::of($plan) as $pointer => $stands) {
            $all = [];
            foreach ([$stands, ...self::TYPED] as $text) {
                $edited = self::read(static fn (): mixed => (new PinnedPlan($plan))->typed(self::nested($pointer, $text), []));
                $all[] = $edited instanceof Edited ? $edited->told : $edited;
            }
            $told[$pointer] = [$stands, Told::plain($all)];
        }

        return $told;
    }

    /**
     * @return array<string, mixed> a text at its place, as a form sends it
     */
    private static function nested(string $pointer, string $text): array
    {
        $names = explode('/', ltrim($pointer, '/'));
        $first = array_shift($names);

        return [$first => array_reduce(array_reverse($names), static fn (mixed $inner, string $name): array => [$name => $inner], $text)];
    }

    /**
     * @return array<string, mixed>
     */
    private static function texts(): array
    {
        $told = [];
        foreach (self::STARTS as $text) {
            $start = self::read(static fn (): Start => StartText::read($text));
            $told["start {$text}"] = [$start, $start instanceof Start ? StartText::write($start) : null];
        }
        foreach (self::KIT_FILES as $name => $text) {
            $told["kit of {$name}"] = self::read(static fn (): array => array_map(static fn (KitItem $item): array => KitFormat::toArray($item), KitFormat::read($text)));
        }
        foreach (self::FAULTS as $text) {
            $told[$text] = self::read(static fn (): array => FaultsReader::fromJson($text, Plans::with([])->rig->axisIds()));
        }
        foreach (self::INSTANTS as $text) {
            $told["instant {$text}"] = self::read(static fn (): mixed => SkyJson::instant($text));
        }

        return $told;
    }

    /**
     * @return array<string, mixed> what is written of a short shot, and of its runs with and without what goes wrong
     */
    private static function runs(): array
    {
        $short = ['/timing/photos' => 15, '/timing/head_photos' => 1, '/timing/tail_photos' => 2];
        $told = [];
        $kinds = ['plain' => [], 'lit' => ['/light' => ['aperture' => 4, 'iso_changes' => [['frame' => 4, 'iso' => 400]]]], 'creeping' => ['/timing/mode' => 'continuous']];
        $kinds += ['without a clock' => ['/timing/mode' => 'stop_motion'], 'by the camera' => ['/trigger' => ['by' => 'camera_timer', 'camera_interval_s' => 8.1, 'camera_photos' => 20]]];
        foreach ($kinds as $name => $changes) {
            $plan = Plans::with($short + $changes);
            $told["{$name}, rows"] = implode('', [...ScheduleCsv::pieces($plan)]);
            $told["{$name}, written"] = json_decode(implode('', [...ScheduleJson::pieces($plan)]), true);
            $told["{$name}, run"] = json_decode(implode('', [...RunLogJson::pieces(DryRun::of(Schedule::of($plan), 7), 7)]), true);
            foreach (array_keys(TypicalFaults::named($plan)) as $kind) {
                $run = self::read(static fn (): mixed => json_decode(implode('', [...RunLogJson::pieces(DryRun::of(Schedule::of($plan), 7, [TypicalFaults::at($plan, $kind, '5')]), 7)]), true));
                $told["{$name}, {$kind}"] = $run;
            }
        }

        return $told;
    }

    /**
     * @param callable(): mixed $read
     */
    private static function read(callable $read): mixed
    {
        try {
            return $read();
        } catch (InvalidInput $refused) {
            return array_column($refused->problems, 'message', 'pointer');
        }
    }
}
