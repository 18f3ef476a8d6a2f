<?php

declare(strict_types=1);

namespace App\Pages;

use Evrent\Core\Plan\Plan;
use Evrent\Core\Words\PlainText;
use Evrent\Words\Words;

/**
 * A part of what a shot takes along that may be described: its cards, what feeds it, what it weighs.
 */
final readonly class BagPart
{
    /** Pointer, unit and width of each field, by part. */
    private const FIELDS = [
        'storage' => [['/storage/raw_mb', 'MB', 4], ['/storage/jpeg_mb', 'MB', 4], ['/storage/cards_gb', 'GB', 8]],
        'power-camera' => [
            ['/power/camera/battery_wh', 'Wh', 5], ['/power/camera/batteries', '', 2], ['/power/camera/charge', '%', 4],
            ['/power/camera/idle_w', 'W', 4], ['/power/camera/exposing_w', 'W', 4], ['/power/camera/photo_j', 'J', 4],
            ['/power/camera/sleeps_after_s', 's', 4], ['/power/camera/sleep_w', 'W', 4],
        ],
        'power-rig' => [
            ['/power/rig/battery_wh', 'Wh', 5], ['/power/rig/batteries', '', 2], ['/power/rig/charge', '%', 4],
            ['/power/rig/moving_w', 'W', 4], ['/power/rig/holding_w', 'W', 4], ['/power/rig/idle_w', 'W', 4],
        ],
        'power-bank' => [['/power/bank/capacity_wh', 'Wh', 5], ['/power/bank/efficiency', '%', 4], ['/power/bank/charge', '%', 4]],
        'load' => [
            ['/load/camera_kg', 'kg', 4], ['/load/lens_kg', 'kg', 4], ['/load/head_kg', 'kg', 4], ['/load/rig_kg', 'kg', 4],
            ['/load/legs_rating_kg', 'kg', 4], ['/load/carriage_rating_kg', 'kg', 4],
            ['/load/incline_deg', '°', 4], ['/load/friction', '', 4], ['/load/thrust_n', 'N', 4],
            ['/load/counterweight_kg', 'kg', 4],
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
            self::of('storage', $plan->storage !== null),
            self::of('power-camera', $plan->power?->camera !== null),
            self::of('power-rig', $plan->power?->rig !== null),
            self::of('power-bank', $plan->power?->bank !== null),
            self::of('load', $plan->load !== null),
        ];
    }

    private static function of(string $id, bool $isThere): self
    {
        $label = static fn (string $pointer): string => Words::of('app.bag.' . strtr(trim($pointer, '/'), '/', '_'));

        return new self(
            $id,
            Words::of('app.bag.' . strtr($id, '-', '_')),
            $isThere,
            array_values(array_map(static fn (array $field): array => [$field[0], $label($field[0]), $field[1], $field[2]], self::FIELDS[$id] ?? [])),
        );
    }
}
