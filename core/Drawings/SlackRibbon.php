<?php

declare(strict_types=1);

namespace Evrent\Core\Drawings;

use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Schedule\Schedule;

/**
 * The slack of every photo of a run in one strip: as high as its share of the interval, and below the line where the interval is
 * too short. Of a run with more photos than can be told apart, each place shows the tightest of its photos.
 */
final readonly class SlackRibbon
{
    public const WIDTH = 600;

    /** Above the line: a whole interval of slack. Below it: an interval that is short by half of itself, or more. */
    public const ABOVE = 24;
    public const BELOW = 8;

    private const MOST_SHORT_SHARE = 0.5;

    /**
     * @param list<?float> $shares of each place from left to right, as shares of the interval; null where nothing follows
     */
    private function __construct(private array $shares, private Schedule $schedule)
    {
    }

    /** Null for a shot without a clock, which has no interval to keep to. */
    public static function of(Schedule $schedule): ?self
    {
        if (!$schedule->plan->timing->mode->hasClock()) {
            return null;
        }
        $photos = $schedule->photosTotal();
        $places = min(self::WIDTH, $photos);
        $shares = array_fill(0, $places, null);
        foreach ($schedule->timeline->slackSeconds as $n => $slack) {
            $place = intdiv($n * $places, $photos);
            $share = $slack === null ? null : $slack / $schedule->intervalSeconds[$n];
            if ($share !== null && ($shares[$place] === null || $share < $shares[$place])) {
                $shares[$place] = $share;
            }
        }

        return new self($shares, $schedule);
    }

    /** SVG path of the slack, filled down to the line. */
    public function spare(): string
    {
        return $this->filled(static fn (float $share): float => self::ABOVE * (1.0 - max(0.0, min(1.0, $share))), self::ABOVE);
    }

    /** SVG path of what is short, filled up to the line; empty when every photo has its time. */
    public function short(): string
    {
        $deep = static fn (float $share): float => $share > -1e-9 ? (float) self::ABOVE
            : self::ABOVE + self::BELOW * max(0.25, min(1.0, -$share / self::MOST_SHORT_SHARE));

        return min([0.0, ...array_filter($this->shares, is_float(...))]) > -1e-9 ? '' : $this->filled($deep, self::ABOVE);
    }

    /** What it shows, in words. */
    public function told(): Message
    {
        $summary = $this->schedule->summary;

        return new Message($summary->minSlackSeconds > -1e-9 ? 'drawings.ribbon.slack' : 'drawings.ribbon.short', [
            'photo' => $summary->tightestPhoto, 'seconds' => Quantity::seconds(abs($summary->minSlackSeconds)),
        ]);
    }

    /**
     * @param callable(float): float $height
     */
    private function filled(callable $height, int $line): string
    {
        $wide = self::WIDTH / count($this->shares);
        $path = "M0 {$line}";
        $last = null;
        foreach ($this->shares as $place => $share) {
            $at = $share === null ? $last ?? (float) $line : round($height($share), 1);
            if ($at !== $last) {
                $path .= ($place === 0 ? '' : 'H' . round($place * $wide, 1)) . "V{$at}";
                $last = $at;
            }
        }

        return $path . 'H' . self::WIDTH . "V{$line}Z";
    }
}
