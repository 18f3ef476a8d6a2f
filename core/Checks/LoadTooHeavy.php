<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Budget\Load;
use Evrent\Core\Findings\FindingId;
use Evrent\Core\Findings\Severity;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Shot\Shot;

/**
 * R2: legs or carriage are rated for less than twice what stands on them.
 */
final class LoadTooHeavy implements Check
{
    public function find(Shot $shot): ?Finding
    {
        $load = $shot->plan->load;
        if ($load === null) {
            return null;
        }
        $short = [];
        $remedies = [];
        $stands = [
            'legs' => [$load->onLegsKilograms(), $load->legsRatingKilograms],
            'carriage' => [$load->carriedKilograms(), $load->carriageRatingKilograms],
        ];
        foreach ($stands as $what => [$carried, $rating]) {
            $needed = Load::SAFETY * $carried;
            if ($rating === null || $rating >= $needed - 1e-9) {
                continue;
            }
            $short[$what] = [$needed, $rating, $carried];
        }
        if ($short === []) {
            return null;
        }
        $changes = [];
        foreach ($short as $what => [$needed]) {
            $changes["{$what}RatingKilograms"] = ceil($needed * 2.0) / 2.0;
        }
        /** @var array{legsRatingKilograms?: float, carriageRatingKilograms?: float} $changes */
        $remedies[] = new Remedy(
            'rating',
            match (count($short)) {
                1 => new Message(
                    'checks.load_too_heavy.take_' . array_key_first($short),
                    ['kilograms' => $changes['legsRatingKilograms'] ?? $changes['carriageRatingKilograms'] ?? 0.0],
                ),
                default => new Message('checks.load_too_heavy.take_both', [
                    'legs' => $changes['legsRatingKilograms'] ?? 0.0, 'carriage' => $changes['carriageRatingKilograms'] ?? 0.0,
                ]),
            },
            new Message('checks.load_too_heavy.weight'),
            $shot->plan->with(['load' => $load->with($changes)]),
        );
        [$needed, $rating, $carried] = $short[array_key_first($short)];

        // Under twice the load it may go well; under the load itself it comes down.
        $comesDown = array_filter($short, static fn (array $of): bool => $of[2] > $of[1]) !== [];

        return (new Finding(
            FindingId::LoadTooHeavy,
            count($short) > 1
                ? new Message('checks.load_too_heavy.both')
                : new Message('checks.load_too_heavy.' . array_key_first($short)),
            new Message('checks.load_too_heavy.shortfall', ['needed' => Quantity::rounded($needed - $rating, 1)]),
            new Message('checks.load_too_heavy.sentence_' . array_key_first($short), [
                'carried' => Quantity::rounded($carried, 2),
                'rating' => Quantity::rounded($rating, 1),
                'needed' => Quantity::rounded($needed, 1),
            ]),
            null,
            $shot->schedule->photosTotal(),
            static fn (): array => $remedies,
        ))->withSeverity($comesDown ? Severity::Error : Severity::Warning);
    }
}
