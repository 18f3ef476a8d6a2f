<?php

declare(strict_types=1);

namespace Evrent\Core\Day;

use Evrent\Core\Sky\Instant;

/**
 * The shots of a day in the order in which they run, and where they get in each other's way. Shots that name no rig or body are
 * taken to use the one there is.
 */
final readonly class DayPlan
{
    /**
     * @param list<Stay>  $stays   in order of their start; those without one are left out
     * @param list<Stay>  $untimed without a start that comes
     * @param list<Clash> $clashes
     */
    private function __construct(public array $stays, public array $untimed, public array $clashes)
    {
    }

    /**
     * @param list<Stay> $stays
     */
    public static function of(array $stays): self
    {
        $timed = array_values(array_filter($stays, static fn (Stay $stay): bool => $stay->begins !== null));
        usort($timed, static fn (Stay $a, Stay $b): int => [$a->begins?->unixSeconds, $a->id] <=> [$b->begins?->unixSeconds, $b->id]);
        $clashes = [];
        foreach ($timed as $i => $first) {
            foreach (array_slice($timed, $i + 1) as $second) {
                $clash = self::clash($first, $second);
                if ($clash !== null) {
                    $clashes[] = $clash;
                }
            }
        }

        return new self($timed, array_values(array_filter($stays, static fn (Stay $stay): bool => $stay->begins === null)), $clashes);
    }

    /** Whether anybody is still there after a moment. */
    public function runsInto(Instant $instant): bool
    {
        return array_filter($this->stays, static fn (Stay $stay): bool => ($stay->leaves->unixSeconds ?? 0.0) > $instant->unixSeconds) !== [];
    }

    /** From the first arrival until the last case is closed; 0 when nothing is timed. */
    public function onSiteSeconds(): float
    {
        $arrives = array_map(static fn (Stay $stay): float => $stay->arrives->unixSeconds ?? 0.0, $this->stays);
        $leaves = array_map(static fn (Stay $stay): float => $stay->leaves->unixSeconds ?? 0.0, $this->stays);

        return $arrives === [] || $leaves === [] ? 0.0 : max($leaves) - min($arrives);
    }

    /** Of that, the time in which no shot is set up, running or packed. */
    public function idleSeconds(): float
    {
        $idle = 0.0;
        $until = null;
        $stays = $this->stays;
        usort($stays, static fn (Stay $a, Stay $b): int => ($a->arrives->unixSeconds ?? 0.0) <=> ($b->arrives->unixSeconds ?? 0.0));
        foreach ($stays as $stay) {
            $arrives = $stay->arrives->unixSeconds ?? 0.0;
            $idle += $until === null ? 0.0 : max(0.0, $arrives - $until);
            $until = max($until ?? 0.0, $stay->leaves->unixSeconds ?? 0.0);
        }

        return $idle;
    }

    /**
     * @return list<Clash>
     */
    public function clashesOf(Stay $stay): array
    {
        return array_values(array_filter($this->clashes, static fn (Clash $clash): bool => in_array($stay, [$clash->first, $clash->second], true)));
    }

    /** The weightiest thing that two shots both want, if any. */
    private static function clash(Stay $first, Stay $second): ?Clash
    {
        $whole = self::overlap($first->arrives?->unixSeconds, $first->leaves?->unixSeconds, $second->arrives?->unixSeconds, $second->leaves?->unixSeconds);
        if ($whole <= 0.0) {
            return null;
        }
        if ($first->needsRig && $second->needsRig && self::isTheOne($first->rig, $second->rig)) {
            return new Clash($first, $second, 'rig', $whole);
        }
        if (self::isTheOne($first->body, $second->body)) {
            return new Clash($first, $second, 'body', $whole);
        }
        // Two rigs can run at once, but one pair of hands sets up and packs, and stands by where that is asked for.
        $hands = 0.0;
        foreach ($first->handsOn() as [$from, $until]) {
            foreach ($second->handsOn() as [$otherFrom, $otherUntil]) {
                $hands += max(0.0, self::overlap($from?->unixSeconds, $until?->unixSeconds, $otherFrom?->unixSeconds, $otherUntil?->unixSeconds));
            }
        }

        return $hands > 0.0 ? new Clash($first, $second, 'time', $hands) : null;
    }

    /** Who says nothing takes what there is, and that may be the other's. */
    private static function isTheOne(?string $first, ?string $second): bool
    {
        return $first === null || $second === null || $first === $second;
    }

    private static function overlap(?float $from, ?float $until, ?float $otherFrom, ?float $otherUntil): float
    {
        return min($until ?? 0.0, $otherUntil ?? 0.0) - max($from ?? 0.0, $otherFrom ?? 0.0);
    }
}
