<?php

declare(strict_types=1);

namespace Evrent\Core\Motion;

use Evrent\Core\Messages\Message;
use Evrent\Core\Values\Problems;

/**
 * The keyframes in order, and the ease of every run that does not carry one of its own. It goes from the first to the last once, or back and forth
 * between them for as long as there are photos.
 */
final readonly class Move
{
    public const MOST_KEYFRAMES = 500;

    /**
     * @param list<Keyframe> $keyframes    at least two; the first at 0, the last at 1, rising between
     * @param ?int           $oneWayPhotos photos from the first keyframe to the last, both included, and as many back; null where it goes once
     *
     * @throws \Evrent\Core\Values\InvalidInput
     */
    public function __construct(public array $keyframes, public Easing $easing = new Easing(), public ?int $oneWayPhotos = null)
    {
        $problems = new Problems();
        $count = count($keyframes);
        if ($count < 2 || $count > self::MOST_KEYFRAMES) {
            $problems->add('/keyframes', new Message('motion.move.count', ['most_keyframes' => self::MOST_KEYFRAMES]));
            $problems->throwIfAny();
        }
        if ($keyframes[0]->at !== 0.0) {
            $problems->add('/keyframes/0/at', new Message('motion.move.first'));
        }
        if ($keyframes[$count - 1]->at !== 1.0) {
            $problems->add('/keyframes/' . ($count - 1) . '/at', new Message('motion.move.last'));
        }
        foreach ([0, $count - 1] as $end) {
            if ($keyframes[$end]->pass) {
                $problems->add("/keyframes/{$end}/pass", new Message('motion.move.ends'));
            }
        }
        for ($i = 1; $i < $count; $i++) {
            if ($keyframes[$i]->at <= $keyframes[$i - 1]->at) {
                $problems->add("/keyframes/{$i}/at", new Message('motion.move.order'));
            }
        }
        if ($oneWayPhotos !== null && $oneWayPhotos < 2) {
            $problems->add('/one_way_photos', new Message('motion.move.one_way'), 2);
        }
        $marked = array_keys(array_filter($keyframes, static fn (Keyframe $keyframe): bool => $keyframe->mattersMost));
        foreach (array_slice($marked, 1) as $i) {
            $problems->add("/keyframes/{$i}/matters_most", new Message('motion.move.important'));
        }
        $problems->throwIfAny();
    }

    /**
     * The same with other keyframes.
     *
     * @param array<int, Keyframe> $keyframes in order
     *
     * @throws \Evrent\Core\Values\InvalidInput
     */
    public function withKeyframes(array $keyframes): self
    {
        return new self(array_values($keyframes), $this->easing, $this->oneWayPhotos);
    }

    /**
     * @throws \Evrent\Core\Values\InvalidInput
     */
    public function withOneWayPhotos(?int $photos): self
    {
        return new self($this->keyframes, $this->easing, $photos);
    }

    /** The keyframe with which it ends, or begins. */
    public function end(bool $isFirst): Keyframe
    {
        return $this->keyframes[$isFirst ? 0 : count($this->keyframes) - 1];
    }

    /** Photos on one way from the first keyframe to the last, of so many in all. */
    public function oneWay(int $photos): int
    {
        return $this->oneWayPhotos ?? $photos;
    }

    /** How often it comes to one of its keyframes, with so many travelling photos. */
    public function visits(Keyframe $keyframe, int $photos): int
    {
        $way = $this->oneWay($photos) - 1;
        $index = $keyframe->travelIndex($way + 1);
        $visits = static fn (int $first): int => $first < $photos ? intdiv($photos - 1 - $first, 2 * $way) + 1 : 0;

        return $visits($index) + ($index > 0 && $index < $way ? $visits(2 * $way - $index) : 0);
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
                static fn (Keyframe $keyframe): Keyframe => $keyframe->easing === null
                    ? $keyframe
                    : $keyframe->withEasing($change($keyframe->easing)),
                $this->keyframes,
            ),
            $change($this->easing),
            $this->oneWayPhotos,
        );
    }
}
