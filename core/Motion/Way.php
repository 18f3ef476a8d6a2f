<?php

declare(strict_types=1);

namespace Evrent\Core\Motion;

use InvalidArgumentException;

/**
 * The way of a move through its photos, as a line from place to place; places between two photos lie straight between them.
 */
final readonly class Way
{
    /** @var list<float> how far it is from photo to photo, all axes together: √(Σ Δ²), as a controller measures a feed */
    private array $lengths;

    /** The last place; the first is 0. */
    public int $end;

    /**
     * @param non-empty-array<string, non-empty-list<float>> $positions by axis id, for each photo: mm or degrees
     */
    public function __construct(public array $positions)
    {
        $this->end = count($positions[array_key_first($positions)]) - 1;
        $lengths = [];
        for ($n = 0; $n < $this->end; $n++) {
            $lengths[] = sqrt(array_sum(array_map(static fn (array $column): float => ($column[$n + 1] - $column[$n]) ** 2, $positions)));
        }
        $this->lengths = $lengths;
    }

    /**
     * @param float $place 0 for the first photo
     *
     * @return array<string, float> by axis id
     */
    public function at(float $place): array
    {
        if ($place < 0.0 || $place > $this->end) {
            throw new InvalidArgumentException("place {$place} is beyond the way");
        }
        $before = min((int) floor($place), max(0, $this->end - 1));
        $share = $place - $before;

        return array_map(
            static fn (array $column): float => $share <= 0.0 ? $column[$before] : $column[$before] + ($column[$before + 1] - $column[$before]) * $share,
            $this->positions,
        );
    }

    /** How long the way is between two places, whichever comes first. */
    public function length(float $from, float $to): float
    {
        [$low, $high] = [min($from, $to), max($from, $to)];
        $length = 0.0;
        for ($n = (int) floor($low); $n < $high; $n++) {
            $length += ($this->lengths[$n] ?? 0.0) * (min($high, $n + 1.0) - max($low, (float) $n));
        }

        return $length;
    }

    /**
     * The place that lies so far on, towards another; that place where it is nearer, and the next photo where that is: a line is straight so far.
     */
    public function onwards(float $from, float $towards, float $by): float
    {
        $next = $towards > $from ? min($towards, floor($from + 1e-9) + 1.0) : max($towards, ceil($from - 1e-9) - 1.0);
        $length = $this->length($from, $next);

        return $length <= $by ? $next : $from + ($next - $from) * $by / $length;
    }
}
