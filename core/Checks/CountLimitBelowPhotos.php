<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Findings\FindingId;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Timing\IntervalMeaning;
use Evrent\Core\Values\InvalidInput;

/**
 * T10: the timer or controller counts no further than its own limit, below the photos planned.
 */
final class CountLimitBelowPhotos implements Check
{
    public function find(Shot $shot): ?Finding
    {
        $limit = $shot->plan->trigger->countLimit;
        $photos = $shot->plan->photosProgrammed();
        if ($limit === null || $photos <= $limit) {
            return null;
        }
        return new Finding(
            FindingId::CountLimitBelowPhotos,
            new Message('checks.count_limit_below_photos.' . ($shot->plan->trigger->isCamera() ? 'camera' : 'controller')),
            new Message('checks.count_limit_below_photos.shortfall', ['photos' => Quantity::photos($photos - $limit)]),
            new Message('checks.count_limit_below_photos.sentence', ['limit' => $limit, 'photos' => $photos]),
            $limit + 1,
            $photos - $limit,
            static fn (): array => array_filter([self::endless($shot->plan, $photos), self::fewer($shot, $limit)]),
        );
    }

    private static function endless(Plan $plan, int $photos): Remedy
    {
        return new Remedy(
            'endless',
            new Message('checks.count_limit_below_photos.endless'),
            new Message('checks.count_limit_below_photos.stop_by_hand', ['photos' => $photos]),
            $plan->withTrigger($plan->trigger->withCounts($plan->trigger->cameraPhotos, null)),
        );
    }

    /** As many as it counts, spread over the same shooting time. */
    private static function fewer(Shot $shot, int $limit): ?Remedy
    {
        $plan = $shot->plan;
        $timing = $plan->timing;
        $standing = $plan->photosTotal() - $timing->photos;
        if ($limit - $standing < 2 || !$timing->interval->isConstant() || $timing->intervalMeans === IntervalMeaning::Gap) {
            return null;
        }
        $resolution = $plan->trigger->resolutionSeconds();
        $settings = floor($shot->schedule->summary->bookedSeconds / $limit / $resolution + 1e-6);
        $seconds = round(max($timing->interval->longest(), $settings * $resolution), 9);
        try {
            $mended = $plan
                ->withTiming($timing->withPhotos(min($timing->photos, $limit - $standing)))
                ->withInterval($timing->interval->map(static fn (): float => $seconds))
                ->withTrigger($plan->trigger->withCounts(null, $limit));
        } catch (InvalidInput) {
            return null;
        }
        $clip = Schedule::of($mended)->summary->clipSeconds;

        return new Remedy(
            'photos',
            new Message('checks.count_limit_below_photos.fewer', [
                'photos' => Quantity::photos($limit),
                'seconds' => Quantity::number($seconds),
            ]),
            '',
            $mended,
        );
    }
}
