<?php

declare(strict_types=1);

namespace App\Pages;

use Evrent\Core\Plan\Plan;
use Evrent\Core\Words\PlainText;

/**
 * A part of what a shot takes along that may be described: its cards, what feeds it, what it weighs.
 */
final readonly class BagPart
{
    /** Pointer, label, unit and width of each field, by part. */
    private const FIELDS = [
        'storage' => [['/storage/raw_mb', 'Raw file', 'MB', 4], ['/storage/jpeg_mb', 'JPEG', 'MB', 4], ['/storage/cards_gb', 'Card space', 'GB', 8]],
        'power-camera' => [
            ['/power/camera/battery_wh', 'One battery', 'Wh', 5], ['/power/camera/batteries', 'in at once', '', 2], ['/power/camera/charge', 'charged', '%', 4],
            ['/power/camera/idle_w', 'awake', 'W', 4], ['/power/camera/exposing_w', 'exposing', 'W', 4], ['/power/camera/photo_j', 'a photo', 'J', 4],
            ['/power/camera/sleeps_after_s', 'sleeps after', 's', 4], ['/power/camera/sleep_w', 'asleep', 'W', 4],
        ],
        'power-rig' => [
            ['/power/rig/battery_wh', 'One battery', 'Wh', 5], ['/power/rig/batteries', 'in at once', '', 2], ['/power/rig/charge', 'charged', '%', 4],
            ['/power/rig/moving_w', 'moving', 'W', 4], ['/power/rig/holding_w', 'holding', 'W', 4], ['/power/rig/idle_w', 'idle', 'W', 4],
        ],
        'power-bank' => [
            ['/power/bank/capacity_wh', 'Capacity', 'Wh', 5], ['/power/bank/efficiency', 'gives of that', '%', 4], ['/power/bank/charge', 'charged', '%', 4],
        ],
        'load' => [
            ['/load/camera_kg', 'Camera', 'kg', 4], ['/load/lens_kg', 'lens', 'kg', 4], ['/load/head_kg', 'head', 'kg', 4], ['/load/rig_kg', 'slider', 'kg', 4],
            ['/load/legs_rating_kg', 'Legs rated for', 'kg', 4], ['/load/carriage_rating_kg', 'carriage rated for', 'kg', 4],
            ['/load/incline_deg', 'Slide inclined by', '°', 4], ['/load/friction', 'friction', '', 4], ['/load/thrust_n', 'motor’s thrust', 'N', 4],
            ['/load/counterweight_kg', 'counterweight', 'kg', 4],
        ],
    ];

    /**
     * @param string                                    $id     as the edits that add and leave it out call it
     * @param bool                                      $there  whether the plan says anything of it
     * @param list<array{string, string, string, int}> $fields pointer, label, unit and width in characters
     */
    private function __construct(public string $id, public string $name, public bool $there, public array $fields)
    {
    }

    /**
     * What it is said to be, in a line.
     *
     * @param array<string, string> $texts by pointer
     */
    public function inShort(array $texts): string
    {
        $told = array_filter($this->fields, static fn (array $field): bool => ($texts[$field[0]] ?? '') !== '');

        return implode(', ', array_map(static fn (array $field): string => trim("{$field[1]} " . PlainText::withUnit($texts[$field[0]], $field[2])), $told));
    }

    /**
     * @return list<self>
     */
    public static function all(Plan $plan): array
    {
        return [
            new self('storage', 'Cards', $plan->storage !== null, self::FIELDS['storage']),
            new self('power-camera', 'Camera’s power', $plan->power?->camera !== null, self::FIELDS['power-camera']),
            new self('power-rig', 'Rig’s power', $plan->power?->rig !== null, self::FIELDS['power-rig']),
            new self('power-bank', 'Power bank', $plan->power?->bank !== null, self::FIELDS['power-bank']),
            new self('load', 'Load', $plan->load !== null, self::FIELDS['load']),
        ];
    }
}
