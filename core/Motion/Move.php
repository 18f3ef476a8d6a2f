<?php

declare(strict_types=1);

namespace Evrent\Core\Motion;

use Evrent\Core\Values\Problems;

/**
 * The keyframes in order, and the ease of every run that does not carry one of its own.
 */
final readonly class Move
{
    public const MOST_KEYFRAMES = 500;

    /**
     * @param list<Keyframe> $keyframes at least two; the first at 0, the last at 1, rising between
     *
     * @throws \Evrent\Core\Values\InvalidInput
     */
    public function __construct(public array $keyframes, public Easing $easing = new Easing())
    {
        $problems = new Problems();
        $count = count($keyframes);
        if ($count < 2 || $count > self::MOST_KEYFRAMES) {
            $problems->add('/keyframes', sprintf('Give at least two keyframes, and at most %d.', self::MOST_KEYFRAMES));
            $problems->throwIfAny();
        }
        if ($keyframes[0]->at !== 0.0) {
            $problems->add('/keyframes/0/at', 'The first keyframe stands at 0.');
        }
        if ($keyframes[$count - 1]->at !== 1.0) {
            $problems->add('/keyframes/' . ($count - 1) . '/at', 'The last keyframe stands at 1.');
        }
        foreach ([0, $count - 1] as $end) {
            if ($keyframes[$end]->pass) {
                $problems->add("/keyframes/{$end}/pass", 'The move starts and ends standing still: only a keyframe between can be passed.');
            }
        }
        for ($i = 1; $i < $count; $i++) {
            if ($keyframes[$i]->at <= $keyframes[$i - 1]->at) {
                $problems->add("/keyframes/{$i}/at", 'Keyframes stand in order: enter a share above the one before.');
            }
        }
        $marked = array_keys(array_filter($keyframes, static fn (Keyframe $keyframe): bool => $keyframe->mattersMost));
        foreach (array_slice($marked, 1) as $i) {
            $problems->add("/keyframes/{$i}/matters_most", 'One framing matters most: take the mark off the other first.');
        }
        $problems->throwIfAny();
    }

    /** The letter of a keyframe, counted from 0: A, B … Z, AA … */
    public static function peg(int $index): string
    {
        return ($index >= 26 ? self::peg(intdiv($index, 26) - 1) : '') . chr(65 + $index % 26);
    }

    /** Place of the keyframe that matters most, from 0; null where none is marked. */
    public function mattersMost(): ?int
    {
        foreach ($this->keyframes as $k => $keyframe) {
            if ($keyframe->mattersMost) {
                return $k;
            }
        }

        return null;
    }

    /**
     * Every ease put through a change, the move's own and those that keyframes carry.
     *
     * @param callable(Easing): Easing $change
     */
    public function withEasings(callable $change): self
    {
        return new self(
            array_map(
                static fn (Keyframe $keyframe): Keyframe => $keyframe->easing === null ? $keyframe : $keyframe->withEasing($change($keyframe->easing)),
                $this->keyframes,
            ),
            $change($this->easing),
        );
    }
}
