<?php

declare(strict_types=1);

namespace Evrent\Devices\Simulators\Rig;

use Evrent\Core\Motion\Rig;
use Evrent\Core\Run\FaultKind;
use Evrent\Devices\Faults;

/**
 * The axes of the simulated rig and the motions that wait for them, in simulated seconds: one block ends exactly when the next begins.
 */
final class Motion
{
    /** As many motions may wait. */
    public const ROOM = 16;

    /** @var array<string, SimulatedAxis> by axis id */
    public readonly array $axes;

    /** @var list<Block> */
    private array $waiting = [];

    private ?Block $current = null;
    private float $beganAt = 0.0;
    private float $lasts = 0.0;
    private ?float $heldAt = null;

    /** When a switch is run into, on the way; null when none is. */
    private ?float $limitAt = null;

    /** After which photo one was run into: the next time the way is free. */
    private ?int $hitAfter = null;

    /** @var list<string> what the trigger line tells of motion, for whoever draws the scene */
    public array $told = [];

    /**
     * @param \Closure(): int $photo after which photo this is, from 1; 0 before the first
     */
    public function __construct(private readonly Rig $rig, private readonly Faults $faults, private readonly \Closure $photo)
    {
        $axes = [];
        foreach ($rig->axes as $axis) {
            $axes[$axis->id] = new SimulatedAxis($axis);
        }
        $this->axes = $axes;
    }

    public function add(Block $block, float $now): void
    {
        $this->waiting[] = $block;
        if ($this->current === null) {
            $this->next($now);
        }
    }

    public function hasRoom(): bool
    {
        return count($this->waiting) < self::ROOM;
    }

    public function isMoving(): bool
    {
        return $this->current !== null;
    }

    public function isHeld(): bool
    {
        return $this->heldAt !== null;
    }

    /** Whether it was held for so long that the fastest axis has braked. */
    public function stands(float $now): bool
    {
        $brakes = array_map(static fn (SimulatedAxis $axis): float => $axis->axis->maxSpeed / $axis->axis->maxAcceleration, $this->axes);

        return $this->heldAt !== null && $now - $this->heldAt >= max([0.0, ...array_values($brakes)]);
    }

    /**
     * @return array<string, int> where the motors will be when all that waits is done, by axis id
     */
    public function targetSteps(): array
    {
        return $this->waiting === []
            ? array_map(static fn (SimulatedAxis $axis): int => $axis->countedSteps, $this->axes)
            : $this->waiting[count($this->waiting) - 1]->steps;
    }

    /** When something happens next without anybody asking; null while nothing moves. */
    public function nextAt(): ?float
    {
        return $this->current === null || $this->heldAt !== null ? null : $this->limitAt ?? $this->beganAt + $this->lasts;
    }

    /**
     * Goes on to a time.
     *
     * @return bool false when a switch was run into: all stands where it is, and nothing waits any more
     */
    public function goOnTo(float $now): bool
    {
        while (($at = $this->nextAt()) !== null && $at <= $now) {
            if ($this->limitAt !== null) {
                $this->stop($this->limitAt);

                return false;
            }
            foreach ($this->axes as $axis) {
                $axis->arrive();
            }
            $this->current = null;
            $this->next($at);
        }

        return true;
    }

    public function hold(float $now): void
    {
        $this->heldAt ??= $now;
    }

    public function release(float $now): void
    {
        $this->beganAt += $now - ($this->heldAt ?? $now);
        $this->limitAt = $this->limitAt === null ? null : $this->limitAt + $now - ($this->heldAt ?? $now);
        $this->heldAt = null;
    }

    /** Everything stops where it is; nothing waits any more. */
    public function stop(float $now): void
    {
        $elapsed = $this->elapsed($now);
        foreach ($this->axes as $axis) {
            $axis->stopAfter($elapsed);
        }
        $this->current = $this->heldAt = $this->limitAt = null;
        $this->waiting = [];
    }

    /** Seconds into the block under way. */
    public function elapsed(float $now): float
    {
        return $this->current === null ? 0.0 : ($this->heldAt ?? $now) - $this->beganAt;
    }

    /** @return array<string, float> where the axes really stand, by id */
    public function positions(float $now): array
    {
        $elapsed = $this->elapsed($now);

        return array_map(static fn (SimulatedAxis $axis): float => $axis->positionAfter($elapsed), $this->axes);
    }

    /** @return array<string, int> what the motors have counted, by axis id */
    public function steps(float $now): array
    {
        $elapsed = $this->elapsed($now);

        return array_map(static fn (SimulatedAxis $axis): int => $axis->stepsAfter($elapsed), $this->axes);
    }

    private function next(float $now): void
    {
        $block = array_shift($this->waiting);
        if ($block === null) {
            return;
        }
        $this->slip($block);
        $this->beganAt = $now;
        $this->lasts = $this->setOut($block);
        $this->current = $block;
        $photo = ($this->photo)();
        $hits = $this->faults->at(FaultKind::LimitHit, $photo) !== [] && $this->lasts > 0.0 && $this->hitAfter !== $photo;
        $this->limitAt = $hits ? $now + $this->lasts / 2.0 : null;
        $this->hitAfter = $hits ? $photo : $this->hitAfter;
        if ($this->lasts > 0.0) {
            $this->told[] = sprintf('m %.4F', $this->lasts);
        }
    }

    /** Sends the axes, and says how long the slowest takes. */
    private function setOut(Block $block): float
    {
        if ($block->pace === Pace::Fastest) {
            $alone = static fn (SimulatedAxis $axis): float => $axis->sendTo($block->steps[$axis->axis->id])->seconds;

            return max(0.0, ...array_values(array_map($alone, $this->axes)));
        }
        $ways = array_map(static fn (SimulatedAxis $axis): float => $axis->wayTo($block->steps[$axis->axis->id]), $this->axes);
        $length = sqrt(array_sum(array_map(static fn (float $way): float => $way ** 2, $ways)));
        if ($length <= 0.0) {
            // A block of inverse time lasts as long as it says, also when it leads nowhere: what is held is held.
            return $block->pace === Pace::InTime ? $block->number : 0.0;
        }
        $slowest = $gentlest = INF;
        foreach ($ways as $id => $way) {
            $slowest = $way > 0.0 ? min($slowest, $this->axes[$id]->axis->maxSpeed / $way) : $slowest;
            $gentlest = $way > 0.0 ? min($gentlest, $this->axes[$id]->axis->maxAcceleration / $way) : $gentlest;
        }
        $seconds = max($block->number, 1.0 / $slowest);
        $lasts = 0.0;
        foreach ($this->axes as $id => $axis) {
            $lasts = max($lasts, $block->pace === Pace::InTime
                ? $axis->creepTo($block->steps[$id], $seconds)->seconds
                : $axis->sendAlong($block->steps[$id], min($slowest, $block->number / 60.0 / $length), $gentlest)->seconds);
        }

        return $block->pace === Pace::InTime ? $seconds : $lasts;
    }

    private function slip(Block $block): void
    {
        $photo = ($this->photo)();
        foreach ($this->axes as $id => $axis) {
            $steps = $block->steps[$id] - $axis->countedSteps;
            foreach ($this->faults->at(FaultKind::StalledAxis, $photo) as $fault) {
                $axis->slip($fault->axisId === $id ? -$steps : 0);
            }
            foreach ($this->faults->at(FaultKind::LostSteps, $photo) as $fault) {
                $axis->slip($fault->axisId === $id ? -($steps <=> 0) * min($fault->steps, abs($steps)) : 0);
            }
        }
    }
}
