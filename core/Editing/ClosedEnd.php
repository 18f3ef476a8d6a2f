<?php

declare(strict_types=1);

namespace Evrent\Core\Editing;

use Evrent\Core\Motion\Keyframe;
use Evrent\Core\Plan\Plan;

/**
 * A shot as it was before something else than its photos ended it: with that taken back, it is the same again.
 */
final readonly class ClosedEnd
{
    /**
     * @param int                               $travelling photos on the way
     * @param list<array<string, float>>        $positions  of each keyframe, by axis
     * @param array<array-key, mixed>           $pins       as Pins::toArray writes them
     */
    private function __construct(private int $travelling, private array $positions, private array $pins)
    {
    }

    public static function of(Plan $plan, Pins $pins): self
    {
        $positions = array_map(static fn (Keyframe $keyframe): array => $keyframe->positions, $plan->move->keyframes);

        return new self($plan->timing->photos, $positions, $pins->withClosed(null)->toArray());
    }

    public function pins(): Pins
    {
        return Pins::fromArray($this->pins);
    }

    /** The plan with its own photos and positions again; its keyframes as they are now where others have come or gone. */
    public function restored(Plan $plan): Plan
    {
        $closed = $plan->withTiming($plan->timing->withPhotos($this->travelling));
        $isSame = array_map(static fn (Keyframe $keyframe): array => array_keys($keyframe->positions), $plan->move->keyframes)
            === array_map(array_keys(...), $this->positions);

        return $isSame ? $closed->withMove($plan->move->withKeyframes(array_map(
            static fn (Keyframe $keyframe, array $positions): Keyframe => $keyframe->withPositions($positions),
            $plan->move->keyframes,
            $this->positions,
        ))) : $closed;
    }

    /**
     * @return array{travelling: int, positions: list<array<string, float>>, pins: array<array-key, mixed>}
     */
    public function toArray(): array
    {
        return ['travelling' => $this->travelling, 'positions' => $this->positions, 'pins' => $this->pins];
    }

    /**
     * @param array<array-key, mixed> $kept as toArray wrote it
     */
    public static function fromArray(array $kept): ?self
    {
        [$travelling, $pins] = [$kept['travelling'] ?? null, $kept['pins'] ?? null];
        $positions = [];
        foreach (is_array($kept['positions'] ?? null) ? $kept['positions'] : [] as $of) {
            $numbers = array_filter(is_array($of) ? $of : [], static fn (mixed $one): bool => is_int($one) || is_float($one));
            $positions[] = array_map(floatval(...), $numbers);
        }

        /** @var list<array<string, float>> $positions */
        return is_int($travelling) && is_array($pins) ? new self($travelling, $positions, $pins) : null;
    }
}
