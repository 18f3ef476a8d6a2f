<?php

declare(strict_types=1);

namespace Evrent\Devices\Simulators\Rig;

use Evrent\Core\Motion\FeedRun;
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

    /** Cosine of the angle up to which a feed leads straight on: whole motor steps make small ones crooked. */
    private const STRAIGHT_ON = 0.995;

    /** @var array<string, SimulatedAxis> by axis id */
    public readonly array $axes;

    /** @var list<Block> */
    private array $waiting = [];

    private ?Block $current = null;

    /** The way of the feed under way, and where it leads: shares by axis id. */
    private ?FeedRun $run = null;

    /** @var array<string, float> */
    private array $direction = [];
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
        $last = count($this->waiting) - 1;
        if ($last < 0 && $this->heldAt === null && $this->goesOn($block, $now)) {
            return;
        }
        if ($last >= 0 && $this->leadsOn($block, $last)) {
            array_pop($this->waiting);
        }
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
        $this->run = null;
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
        $this->run = null;
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

    /** Whether a feed leads on in the direction of the one under way: then it is one way, gone without a stop. */
    private function goesOn(Block $block, float $now): bool
    {
        $before = $this->current;
        if ($before === null || $this->run === null || $block->pace !== Pace::Feed || $this->limitAt !== null) {
            return false;
        }
        $ways = $this->ways($block);
        $length = self::length($ways);
        if (!self::isStraightOn($this->direction, $ways)) {
            return false;
        }
        $elapsed = $this->elapsed($now);
        $stand = array_map(static fn (SimulatedAxis $axis): float => $axis->motorAfter($elapsed), $this->axes);
        $this->run->extend($elapsed, $length, $this->feedOf($block, $ways, $length));
        foreach ($this->axes as $id => $axis) {
            $axis->goOnAlong($stand[$id], $block->steps[$id], $this->run, $elapsed);
        }
        $this->lasts = $this->run->seconds();
        $this->current = $block;
        $this->told[] = sprintf('m %.4F', $this->lasts - $elapsed);

        return true;
    }

    /** Whether a feed leads on from one that waits: then they are one too. */
    private function leadsOn(Block $block, int $last): bool
    {
        $waits = $this->waiting[$last];
        $before = $last > 0 ? $this->waiting[$last - 1]->steps : null;

        return $block->pace === Pace::Feed && $waits->pace === Pace::Feed && $waits->number === $block->number
            && self::isStraightOn($this->ways($waits, $before), $this->ways($block, $waits->steps));
    }

    /**
     * @param array<string, float> $before by axis id
     * @param array<string, float> $then
     */
    private static function isStraightOn(array $before, array $then): bool
    {
        $lengths = self::length($before) * self::length($then);
        $along = array_sum(array_map(static fn (float $one, float $other): float => $one * $other, $before, $then));

        return $lengths > 0.0 && $along >= self::STRAIGHT_ON * $lengths;
    }

    /**
     * @param ?array<string, int> $from steps by axis id; null for where it was last sent
     *
     * @return array<string, float> signed, without play: mm or degrees by axis id
     */
    private function ways(Block $block, ?array $from = null): array
    {
        return array_map(static function (SimulatedAxis $axis) use ($block, $from): float {
            $id = $axis->axis->id;

            return ($block->steps[$id] - ($from[$id] ?? $axis->countedSteps)) / $axis->axis->stepsPerUnit;
        }, $this->axes);
    }

    /**
     * @param array<string, float> $ways
     */
    private static function length(array $ways): float
    {
        return sqrt(array_sum(array_map(static fn (float $way): float => $way ** 2, $ways)));
    }

    /**
     * Units a second along the way: as fast as it is fed, and no axis faster than it can.
     *
     * @param array<string, float> $ways
     */
    private function feedOf(Block $block, array $ways, float $length): float
    {
        $speed = $block->number / 60.0;
        foreach ($ways as $id => $way) {
            $speed = $way === 0.0 ? $speed : min($speed, $this->axes[$id]->axis->maxSpeed * $length / abs($way));
        }

        return $speed;
    }

    /** Sends the axes, and says how long the slowest takes. */
    private function setOut(Block $block): float
    {
        if ($block->pace === Pace::Fastest) {
            $alone = static fn (SimulatedAxis $axis): float => $axis->sendTo($block->steps[$axis->axis->id])->seconds;

            return max(0.0, ...array_values(array_map($alone, $this->axes)));
        }
        $led = $this->ways($block);
        $ways = array_map(static fn (SimulatedAxis $axis): float => $axis->wayTo($block->steps[$axis->axis->id]), $this->axes);
        $length = self::length($ways);
        if ($length <= 0.0) {
            // A block of inverse time lasts as long as it says, also when it leads nowhere: what is held is held.
            return $block->pace === Pace::InTime ? $block->number : 0.0;
        }
        $slowest = $gentlest = INF;
        foreach ($ways as $id => $way) {
            $slowest = $way > 0.0 ? min($slowest, $this->axes[$id]->axis->maxSpeed / $way) : $slowest;
            $gentlest = $way > 0.0 ? min($gentlest, $this->axes[$id]->axis->maxAcceleration / $way) : $gentlest;
        }
        if ($block->pace === Pace::InTime) {
            $seconds = max($block->number, 1.0 / $slowest);
            foreach ($this->axes as $id => $axis) {
                $axis->creepTo($block->steps[$id], $seconds);
            }

            return $seconds;
        }
        $this->run = new FeedRun($length, min($slowest * $length, $block->number / 60.0), $gentlest * $length);
        $this->direction = array_map(static fn (float $way): float => $way / max(1e-12, self::length($led)), $led);
        foreach ($this->axes as $id => $axis) {
            $axis->sendAlong($block->steps[$id], $this->run);
        }

        return $this->run->seconds();
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
