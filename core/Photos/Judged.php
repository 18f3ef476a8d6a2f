<?php

declare(strict_types=1);

namespace Evrent\Core\Photos;

use Evrent\Core\Findings\FindingId;
use Evrent\Core\Words\PlainText;

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
     * @return list<array{what: string, failure: string, first?: int, last?: int, count?: int, says: string, mend: string}> what: roll_over,
     *                                                                                                                        extra, stretched
     */
    public static function of(Matching $matching): array
    {
        return array_values(array_filter([self::rolledOver($matching), self::extra($matching), self::stretched($matching)]));
    }

    /**
     * @return ?array{what: string, failure: string, first: int, last: int, count: int, says: string, mend: string}
     */
    private static function rolledOver(Matching $matching): ?array
    {
        $before = null;
        foreach ($matching->photos() as $number => $photo) {
            if ($photo?->fileNumber === null) {
                continue;
            }
            if ($before?->fileNumber !== null && $before->fileNumber - $photo->fileNumber > self::FALL) {
                $says = sprintf('The file counter rolled over: photo %d is %s, after %s.', $number, basename($photo->file), basename($before->file));

                return [
                    'what' => 'roll_over', 'failure' => FindingId::FileCounterRollsOver->value, 'first' => $number, 'last' => $number, 'count' => 1,
                    'says' => $says, 'mend' => 'Sorted by name the clip would be out of order: sort by time, as it is done here.',
                ];
            }
            $before = $photo;
        }

        return null;
    }

    /**
     * @return ?array{what: string, failure: string, says: string, mend: string}
     */
    private static function extra(Matching $matching): ?array
    {
        $count = $matching->extrasCount();

        return $count === 0 ? null : [
            'what' => 'extra',
            'failure' => FindingId::PhotosMissingOrExtra->value,
            'says' => sprintf('%s none of the plan’s.', PlainText::photos($count) . ($count === 1 ? ' is' : ' are')),
            'mend' => sprintf('Leave %s out of the clip.', $count === 1 ? 'it' : 'them'),
        ];
    }

    /**
     * @return ?array{what: string, failure: string, says: string, mend: string}
     */
    private static function stretched(Matching $matching): ?array
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
            return null;
        }
        $intervals = [];
        for ($i = self::OVER; $i < count($times); $i++) {
            $intervals[] = ($times[$i] - $times[$i - self::OVER]) / self::OVER;
        }
        sort($intervals);
        $took = $intervals[(int) (self::WHOLE_SHARE * count($intervals))];
        $readTo = in_array(false, $isExact, true) ? 1.0 / self::OVER : self::EXACT_SECONDS;

        return $took - $planned->interval <= max(self::STRETCHED_SHARE * $planned->interval, $readTo) ? null : [
            'what' => 'stretched',
            'failure' => FindingId::ControllerStretchesInterval->value,
            'says' => sprintf('One photo every %s, and every %s was planned.', PlainText::seconds($took), PlainText::seconds($planned->interval)),
            'mend' => 'Say which take they are of: its log has the times at which it really triggered. The clip is as long as planned, and what moves'
                . ' by itself moves faster in it.',
        ];
    }
}
