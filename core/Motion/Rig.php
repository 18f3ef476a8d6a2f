<?php

declare(strict_types=1);

namespace Evrent\Core\Motion;

use Evrent\Core\Messages\Message;
use Evrent\Core\Values\Problems;

/**
 * The motion rig: its axes, and how long it waits around a move.
 */
final readonly class Rig
{
    public const MOST_AXES = 12;
    private const MOST_WAIT_SECONDS = 3600;

    /** @var list<Axis> none for a camera on legs alone */
    public array $axes;

    /** @var list<string> asked for with every photo */
    private array $axisIds;

    /**
     * @param list<Axis> $axes                     none for a camera on legs alone
     * @param float      $postExposureDelaySeconds from the shutter's closing to the start of the move
     * @param float      $settleSeconds            from the end of a move until the rig stands still
     * @param ?RampEntry $rampEntry                what its controller takes as ramp; null when nobody said
     * @param bool       $isQuiet                  whether sound is recorded beside it: no axis goes faster than its quiet speed
     *
     * @throws \Evrent\Core\Values\InvalidInput
     */
    public function __construct(
        array $axes,
        public float $postExposureDelaySeconds = 0.0,
        public float $settleSeconds = 0.0,
        public ?RampEntry $rampEntry = null,
        public Base $base = new Base(),
        public bool $isQuiet = false,
    ) {
        $this->axes = array_map(static fn (Axis $axis): Axis => $axis->quiet($isQuiet), $axes);
        $this->axisIds = array_map(static fn (Axis $axis): string => $axis->id, $axes);
        $problems = new Problems();
        if (count($axes) > self::MOST_AXES) {
            $problems->add('/axes', new Message('motion.rig.most', ['most_axes' => self::MOST_AXES]));
        }
        $seen = [];
        foreach ($axes as $i => $axis) {
            if (isset($seen[$axis->id])) {
                $problems->add("/axes/{$i}/id", new Message('motion.rig.twice', ['axis' => $axis->id]));
            }
            $seen[$axis->id] = true;
        }
        $problems->unlessBetween($postExposureDelaySeconds, 0, self::MOST_WAIT_SECONDS, '/post_exposure_delay_s', new Message('what.seconds'));
        $problems->unlessBetween($settleSeconds, 0, self::MOST_WAIT_SECONDS, '/settle_s', new Message('what.seconds'));
        $problems->throwIfAny();
    }

    /**
     * @throws \Evrent\Core\Values\InvalidInput
     */
    public function withSettling(float $seconds): self
    {
        return new self($this->axes, $this->postExposureDelaySeconds, $seconds, $this->rampEntry, $this->base, $this->isQuiet);
    }

    public function withBase(Base $base): self
    {
        return new self($this->axes, $this->postExposureDelaySeconds, $this->settleSeconds, $this->rampEntry, $base, $this->isQuiet);
    }

    /**
     * @param list<Axis> $axes
     *
     * @throws \Evrent\Core\Values\InvalidInput
     */
    public function withAxes(array $axes): self
    {
        return new self($axes, $this->postExposureDelaySeconds, $this->settleSeconds, $this->rampEntry, $this->base, $this->isQuiet);
    }

    public function withRampEntry(RampEntry $entry): self
    {
        return new self($this->axes, $this->postExposureDelaySeconds, $this->settleSeconds, $entry, $this->base, $this->isQuiet);
    }

    /** Whether any axis is to go slower than it could, so as not to be heard. */
    public function isHushed(): bool
    {
        return array_filter($this->axes, static fn (Axis $axis): bool => $axis->fastest() < $axis->maxSpeed) !== [];
    }

    /**
     * How long a way takes at an even speed, the slowest axis as fast as it may go.
     *
     * @param array<string, float> $from mm or degrees by axis id; an axis that is left out stays
     * @param array<string, float> $to
     */
    public function evenSeconds(array $from, array $to): float
    {
        $seconds = 0.0;
        foreach ($this->axes as $axis) {
            $there = $to[$axis->id] ?? $from[$axis->id] ?? 0.0;
            $seconds = max($seconds, abs($there - ($from[$axis->id] ?? $there)) / $axis->fastest());
        }

        return $seconds;
    }

    public function axis(string $axisId): ?Axis
    {
        foreach ($this->axes as $axis) {
            if ($axis->id === $axisId) {
                return $axis;
            }
        }

        return null;
    }

    /** Names tell roles, and no two axes have the same: one at most. */
    public function axisFor(AxisRole $role): ?Axis
    {
        foreach ($this->axes as $axis) {
            if ($axis->role === $role && $role !== AxisRole::Other) {
                return $axis;
            }
        }

        return null;
    }

    /**
     * @return list<string>
     */
    public function axisIds(): array
    {
        return $this->axisIds;
    }
}
