<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Actions\CreateShot;
use App\Models\Shoot;
use Evrent\Core\Format\PlanReader;
use Evrent\Core\Format\StartText;
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
            'name' => 'Spring tide at Saltreach mill',
            'place' => 'Saltreach estuary: tide mill, sluice and salt works',
            'shoot_date' => '2027-03-23',
            // A made-up estuary: on a map this is open sea.
            'latitude' => 51.85,
            'longitude' => 1.9,
            'elevation' => 4,
            'zone' => 'Europe/London',
            'hazards' => ['tide', 'edge'],
            'is_demo' => true,
        ]);
        $shoot->dayEvents()->createMany([
            ['at' => '07:05', 'label' => 'high water'], ['at' => '13:20', 'label' => 'low water'], ['at' => '19:25', 'label' => 'high water'],
            ['at' => '21:30', 'label' => 'sluice gate is locked'],
        ]);
        foreach (self::SHOTS as $file => $startTime) {
            $json = (string) file_get_contents(__DIR__ . "/demo/{$file}.plan.json");
            ($this->createShot)($shoot, PlanReader::fromJson($json)->with(['start' => StartText::read($startTime)]), 'demo');
        }
    }
}
