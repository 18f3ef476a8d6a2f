<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Budget\Load;
use Evrent\Core\Findings\FindingId;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Words\PlainText;

/**
 * R2: legs or carriage are rated for less than twice what stands on them.
 */
final class LoadTooHeavy implements Check
{
    public static function about(): About
    {
        return new About(
            [Stage::Pack],
            [...About::LOAD, '/load/legs_rating_kg', '/load/carriage_rating_kg', '/load/counterweight_kg'],
            unmended: 'Use stronger legs or a stronger carriage, or take load off.',
        );
    }

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
            'Take ' . implode(' and ', array_map(
                static fn (string $what, array $of): string => sprintf(
                    '%s rated for %s kg',
                    $what === 'legs' ? 'legs' : 'a carriage',
                    PlainText::number(ceil($of[0] * 2.0) / 2.0),
                ),
                array_keys($short),
                $short,
            )),
            'hang a weight under the legs in wind all the same',
            $shot->plan->with(['load' => $load->with($changes)]),
        );
        [$needed, $rating, $carried] = $short[array_key_first($short)];

        return new Finding(
            FindingId::LoadTooHeavy,
            // Under twice the load it may go well; under the load itself it comes down.
            array_filter($short, static fn (array $of): bool => $of[2] > $of[1]) === [] ? Severity::Look : Severity::Stops,
            count($short) > 1
                ? 'Legs and carriage are under-rated'
                : 'The ' . array_key_first($short) . (isset($short['legs']) ? ' are' : ' is') . ' under-rated',
            PlainText::rounded($needed - $rating, 1) . ' kg too little',
            sprintf(
                '%s kg stand on %s rated for %s kg; wind and a pull at a cable ask for twice the load, %s kg. Keep people out from under it.',
                PlainText::rounded($carried, 2),
                isset($short['legs']) ? 'legs' : 'a carriage',
                PlainText::rounded($rating, 1),
                PlainText::rounded($needed, 1),
            ),
            null,
            $shot->schedule->photosTotal(),
            static fn (): array => $remedies,
        );
    }
}
