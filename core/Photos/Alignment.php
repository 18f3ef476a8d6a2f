<?php

declare(strict_types=1);

namespace Evrent\Core\Photos;

/**
 * The cheapest way to pair planned photos with those on the card, both in order: a pair costs how far it is off, by the tolerance; a
 * planned photo that is missing costs 1, and so does an extra one on the card.
 *
 * A pair that costs more than 2 is never worth it, so only photos near each other are looked at: what is to be found is the chain of pairs,
 * rising in both, that saves most against leaving all apart, by a tree of best ends (Fenwick), in n log n.
 */
final readonly class Alignment
{
    /** Of what a clock cannot show, so much is off for nothing: half of it either way, and a bit for where exactly the halves are. */
    public const FREE = 0.52;

    /** What a pair saves against a missing photo and an extra one. */
    private const APART = 2.0;

    /**
     * @param array<int, int> $pairs places on the card by planned places, both from 0
     * @param float           $saved what the pairs save; more is better
     */
    private function __construct(public array $pairs, public float $saved)
    {
    }

    /**
     * @param array<int, int> $pairs all of them, these among others that are known
     */
    public function with(array $pairs): self
    {
        return new self($pairs, $this->saved + self::APART * (count($pairs) - count($this->pairs)));
    }

    /**
     * @param list<float>                         $planned  seconds at which each opens, rising, as the card's clock should show them
     * @param list<float>                         $shown    seconds that the clock showed, rising
     * @param float                               $free     how far a pair may be off for nothing: what the clock cannot show
     * @param callable(int, int): float           $unlike   what a pair costs beside time: planned place, place on the card
     */
    public static function of(array $planned, array $shown, float $tolerance, float $free, callable $unlike): self
    {
        $count = count($planned);
        $best = array_fill(0, $count + 1, 0.0);
        $bestNode = array_fill(0, $count + 1, -1);
        // Each node is one photo on the card taken for one planned: columns, since there are several for each photo.
        $places = $cards = $sums = $befores = [];
        $from = 0;
        $reach = self::APART * $tolerance + $free;
        foreach ($shown as $i => $at) {
            while ($from < $count && $planned[$from] < $at - $reach) {
                $from++;
            }
            $first = count($places);
            for ($j = $from; $j < $count && $planned[$j] <= $at + $reach; $j++) {
                $saves = self::APART - max(0.0, abs($at - $planned[$j]) - $free) / $tolerance - $unlike($j, $i);
                if ($saves <= 0.0) {
                    continue;
                }
                // The best chain that ends before this planned photo.
                $most = 0.0;
                $before = -1;
                for ($k = $j; $k > 0; $k -= $k & -$k) {
                    if ($best[$k] > $most) {
                        $most = $best[$k];
                        $before = $bestNode[$k];
                    }
                }
                $places[] = $j;
                $cards[] = $i;
                $sums[] = $most + $saves;
                $befores[] = $before;
            }
            // One photo on the card is one planned photo at most: put in only when all of it are known.
            for ($number = $first, $end = count($places); $number < $end; $number++) {
                for ($k = $places[$number] + 1; $k <= $count; $k += $k & -$k) {
                    if ($sums[$number] > $best[$k]) {
                        $best[$k] = $sums[$number];
                        $bestNode[$k] = $number;
                    }
                }
            }
        }
        $saved = 0.0;
        $last = -1;
        foreach ($sums as $number => $sum) {
            if ($sum > $saved) {
                [$saved, $last] = [$sum, $number];
            }
        }
        $pairs = [];
        for ($number = $last; $number >= 0; $number = $befores[$number]) {
            $pairs[$places[$number]] = $cards[$number];
        }

        return new self(array_reverse($pairs, true), $saved);
    }
}
