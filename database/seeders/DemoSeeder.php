<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Actions\CreateShot;
use App\Models\Shoot;
use Evrent\Core\Format\PlanReader;
use Evrent\Core\Format\StartText;
use Evrent\Words\Words;
use Illuminate\Database\Seeder;

/**
 * The demo: a day at a made-up estuary with a tide mill and salt works. One shot that works, one whose interval is
 * too tight, a long one, and one that follows the falling light.
 */
final class DemoSeeder extends Seeder
{
    private const SHOTS = [
        'flood-tide-at-the-mill-race' => '16:20',
        'dusk-over-the-salt-pans' => '20 min before sunset',
        'moonrise-over-the-pump-house' => '21:05',
        'salt-rising-on-the-evaporation-pans' => '04:45',
    ];

    public function __construct(private readonly CreateShot $createShot)
    {
    }

    public function run(): void
    {
        $shoot = Shoot::query()->create([
            'name' => Words::of('demo.shoot.name'),
            'place' => Words::of('demo.shoot.place'),
            'shoot_date' => '2027-03-23',
            // A made-up estuary: on a map this is open sea.
            'latitude' => 51.85,
            'longitude' => 1.9,
            'elevation' => 4,
            'zone' => 'Europe/London',
            'hazards' => ['tide', 'edge'],
            'is_demo' => true,
        ]);
        foreach (['07:05' => 'high_water', '13:20' => 'low_water', '19:25' => 'high_water', '21:30' => 'gate'] as $at => $event) {
            $shoot->dayEvents()->create(['at' => $at, 'label' => Words::of("demo.event.{$event}")]);
        }
        foreach (self::SHOTS as $file => $startTime) {
            $json = (string) file_get_contents(__DIR__ . "/demo/{$file}.plan.json");
            $plan = PlanReader::fromJson($json)->with(['title' => Words::of('demo.shot.' . strtok($file, '-')), 'start' => StartText::read($startTime)]);
            ($this->createShot)($shoot, $plan, 'demo');
        }
    }
}
