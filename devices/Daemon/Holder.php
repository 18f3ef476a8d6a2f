<?php

declare(strict_types=1);

namespace Evrent\Devices\Daemon;

/**
 * Who has a rig in hand: one window at a time, for as long as it drives it and a moment longer.
 */
final class Holder
{
    private const SECONDS = 3.0;

    /** A word that took longer than this to come is one from before: whoever said it may have let go. */
    private const FRESH_SECONDS = 0.4;

    private string $who = '';
    private float $until = -INF;

    /** @var array<string, int> the last word of each window, by its name */
    private array $said = [];

    public function who(float $now): string
    {
        return $now < $this->until ? $this->who : '';
    }

    /** Whether it is this window's now. */
    public function take(string $who, float $now): bool
    {
        if ($who === '' || !in_array($this->who($now), ['', $who], true)) {
            return false;
        }
        [$this->who, $this->until] = [$who, $now + self::SECONDS];

        return true;
    }

    /** What it had the rig do is still under way. */
    public function stays(float $now): void
    {
        $this->until = $this->who === '' ? $this->until : max($this->until, $now + self::SECONDS);
    }

    /** Whether a window asks for what another has now; nobody in particular asks for a take. */
    public function isOthers(string $who, float $now): bool
    {
        return $who !== '' && !in_array($this->who($now), ['', $who], true);
    }

    /** @param int $number of its last word: one that was overtaken by this does not take it again */
    public function leave(string $who, int $number): void
    {
        $this->said = [$who => max($number, $this->said[$who] ?? 0)] + $this->said;
        [$this->who, $this->until] = $this->who === $who ? ['', -INF] : [$this->who, $this->until];
    }

    /**
     * Whether a word is the newest of its window, and was said just now: those on a slow line come late, or one before another.
     *
     * @param int    $number counts up with each word of a window
     * @param ?float $at     when it was said, on the daemon's clock; null where that is not known
     */
    public function isNews(string $who, int $number, ?float $at, float $now): bool
    {
        if ($number <= ($this->said[$who] ?? 0)) {
            return false;
        }
        $this->said = [$who => $number] + array_slice($this->said, 0, 20, true);

        return $at === null || $now - $at < self::FRESH_SECONDS;
    }
}
