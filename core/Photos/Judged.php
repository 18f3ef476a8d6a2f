<?php

declare(strict_types=1);

namespace Evrent\Core\Photos;

use Evrent\Core\Checks\Finding;
use Evrent\Core\Findings\FindingId;
use Evrent\Core\Messages\Quantity;

/**
 * What the card shows of things that spoil a shoot, beside what each photo is: a counter that rolled over, photos that nobody planned,
 * intervals that came out longer than planned.
 */
final class Judged
{
    /** A file number that falls by more than this began again. */
    private const FALL = 5_000;

    /** Intervals are measured over this many, so that a clock of whole seconds tells them to a fifth of one. */
    private const OVER = 5;

    /** Where photos are missing their intervals are longer: most of the shorter ones are whole. */
    private const WHOLE_SHARE = 0.1;
    private const STRETCHED_SHARE = 0.02;
    private const EXACT_SECONDS = 0.02;

    /** Where more than this are found at their times nothing was stretched. */
    private const FOUND_SHARE = 0.9;

    /**
     * @return array<string, Finding> roll_over, extra, stretched
     */
    public static function of(Matching $matching): array
    {
        return [...self::rolledOver($matching), ...self::extra($matching), ...self::stretched($matching)];
    }

    /**
     * @return array<string, Finding>
     */
    private static function rolledOver(Matching $matching): array
    {
        $before = null;
        foreach ($matching->photos() as $number => $photo) {
            if ($photo?->fileNumber === null) {
                continue;
            }
            if ($before?->fileNumber !== null && $before->fileNumber - $photo->fileNumber > self::FALL) {
                return CardFinding::of('roll_over', FindingId::FileCounterRollsOver, [$number], [
                    'photo' => $number, 'file' => basename($photo->file), 'before' => basename($before->file),
                ]);
            }
            $before = $photo;
        }

        return [];
    }

    /**
     * @return array<string, Finding>
     */
    private static function extra(Matching $matching): array
    {
        $count = $matching->extrasCount();

        return $count === 0 ? [] : CardFinding::of('extra', FindingId::PhotosMissingOrExtra, [], ['count' => $count]);
    }

    /**
     * @return array<string, Finding>
     */
    private static function stretched(Matching $matching): array
    {
        $planned = $matching->planned;
        $found = $planned->count() - count($matching->missing());
        $times = $isExact = [];
        foreach ($matching->order as $photo) {
            if ($photo->unixSeconds !== null) {
                $times[] = $photo->unixSeconds;
                $isExact[] = $photo->isExact;
            }
        }
        $isEven = $planned->interval - $planned->smallestInterval < self::EXACT_SECONDS;
        // A card with half as many photos, or half as many more, is another shot's.
        $isOfThis = abs(count($times) - $planned->count()) <= $planned->count() / 2;
        if (!$isEven || !$isOfThis || $found > self::FOUND_SHARE * count($times) || count($times) <= 2 * self::OVER) {
            return [];
        }
        $intervals = [];
        for ($i = self::OVER; $i < count($times); $i++) {
            $intervals[] = ($times[$i] - $times[$i - self::OVER]) / self::OVER;
        }
        sort($intervals);
        $took = $intervals[(int) (self::WHOLE_SHARE * count($intervals))];
        $readTo = in_array(false, $isExact, true) ? 1.0 / self::OVER : self::EXACT_SECONDS;

        return $took - $planned->interval <= max(self::STRETCHED_SHARE * $planned->interval, $readTo) ? [] : CardFinding::of(
            'stretched',
            FindingId::ControllerStretchesInterval,
            [],
            ['interval' => Quantity::seconds($took), 'planned' => Quantity::seconds($planned->interval)],
        );
    }
}
