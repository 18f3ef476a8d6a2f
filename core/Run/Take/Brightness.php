<?php

declare(strict_types=1);

namespace Evrent\Core\Run\Take;

use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Shot\Shot;

/**
 * Whether photos come out as bright as those before them, but for what the ramp meant to change.
 */
final class Brightness
{
    /** A jump that is seen in the clip, stops. */
    public const STOPS = 0.3;

    /** So many photos before it say what is usual: the middle one of them, so that one that stands out is no measure. */
    private const BEFORE = 5;
    private const LEAST = 3;

    /** Darker than this, a picture says nothing. */
    private const LEAST_LUMA = 1e-4;

    /** @var array<int, float> stops over what was meant, of the latest photos, by number */
    private array $seen = [];

    /** @var ?list<float> how much brighter than right each photo was meant to come out, stops; null while nobody asked */
    private ?array $meant = null;

    public function __construct(private readonly Schedule $schedule)
    {
    }

    /**
     * @param float $luma of the photo's picture, of light, 0 to 1
     *
     * @return ?Message what to say of it; null while all is well
     */
    public function jump(int $photo, float $luma): ?Message
    {
        $this->meant ??= Shot::of($this->schedule->plan)->light()->errors ?? [];
        $stops = log(max(self::LEAST_LUMA, $luma), 2) - ($this->meant[$photo - 1] ?? 0.0);
        $before = $this->seen;
        sort($before);
        $this->seen = array_slice($this->seen, -self::BEFORE + 1, null, true) + [$photo => $stops];
        if (count($before) < self::LEAST) {
            return null;
        }
        $jump = $stops - $before[intdiv(count($before), 2)];
        if (abs($jump) <= self::STOPS) {
            return null;
        }

        return new Message($jump > 0.0 ? 'takes.alarm.brighter' : 'takes.alarm.darker', ['photo' => $photo, 'stops' => Quantity::fixed(abs($jump), 1)]);
    }
}
