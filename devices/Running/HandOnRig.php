<?php

declare(strict_types=1);

namespace Evrent\Devices\Running;

use Evrent\Core\Messages\Message;
use Evrent\Core\Motion\Axis;
use Evrent\Core\Motion\JogStream;
use Evrent\Core\Motion\Rig;
use Evrent\Devices\Links\DeviceRefused;
use Evrent\Devices\Links\RigLink;

/**
 * Somebody drives the rig by hand, in real time. Whoever uses it holds the rig's lock.
 */
final class HandOnRig
{
    private const TICK_SECONDS = 0.05;
    private const LOOK_SECONDS = 0.05;
    private const REST_SECONDS = 60.0;
    private const AS_IN_THE_FIELD = 1.0;

    /** @var array<string, Axis> by id: as far as this rig goes, once it was reached */
    private array $axes;

    /** @var callable(): void */
    private readonly mixed $meanwhile;

    /** How fast a simulated rig's world ran before; null where it runs as ours does. */
    private ?float $worldSpeed = null;

    /**
     * @param ?callable(): void $meanwhile called again and again while something takes its time
     */
    public function __construct(private readonly RigLink $rig, private readonly Rig $plan, ?callable $meanwhile = null)
    {
        $this->axes = array_combine($plan->axisIds(), $plan->axes);
        $this->meanwhile = $meanwhile ?? static fn () => null;
    }

    /**
     * Reaches it. It has to know where it stands, and to stand.
     *
     * @throws \Evrent\Devices\Links\DeviceGone
     * @throws DeviceRefused
     */
    public function begin(bool $homes = false): void
    {
        $this->connect();
        if ($homes) {
            $this->home();
        }
        $this->ready();
    }

    /** Reaches it, wherever it stands. */
    public function connect(): void
    {
        $this->rig->connect();
        $this->axes = $this->rig->report()?->axes($this->plan, $this->rig->letters()) ?? $this->axes;
        $speed = $this->rig->report()?->worldSpeed;
        if ($speed !== null && $speed !== self::AS_IN_THE_FIELD) {
            // A hand is as fast as it is: in a faster world it would be late for everything.
            $this->rig->runAt(self::AS_IN_THE_FIELD);
            $this->worldSpeed = $speed;
        }
    }

    /** @return array<string, Axis> by id: as far and as fast as both plan and rig go */
    public function axes(): array
    {
        return $this->axes;
    }

    /** @return array<string, float> where it stands then */
    public function home(): array
    {
        $this->rig->home($this->meanwhile);

        return $this->untilItStands();
    }

    /**
     * Whether it can be driven from where it is: it has to know where that is, and to stand.
     *
     * @return array<string, float> where it stands
     *
     * @throws DeviceRefused
     */
    public function ready(): array
    {
        $status = $this->rig->status();
        if (!$status->knowsItsPlace()) {
            throw new DeviceRefused(new Message('devices.rig.home_first'));
        }
        foreach (array_keys($this->axes) as $id) {
            if (!isset($status->positions[$id])) {
                throw new DeviceRefused(new Message('devices.rig.no_position', ['id' => Axis::labelOf($id)]));
            }
        }

        return $this->untilItStands();
    }

    /**
     * For as long as the hand says something: shares of each axis' top speed, -1…1 by id; null when it lets go for good.
     *
     * @param callable(): ?array<string, float> $hand asked twice in the time that a word holds
     *
     * @return array<string, float> where it stands afterwards
     *
     * @throws \Evrent\Devices\Links\DeviceGone
     * @throws DeviceRefused
     */
    public function follow(callable $hand): array
    {
        $stream = new JogStream($this->axes, $this->positions());
        $due = microtime(true);
        while (($steer = $hand()) !== null) {
            $word = $stream->next($steer, microtime(true));
            if ($word !== null) {
                $this->rig->feedTo($word['positions'], $word['feed']);
            }
            $due = max($due + self::TICK_SECONDS, microtime(true));
            usleep((int) max(0.0, 1e6 * ($due - microtime(true))));
        }

        return $this->untilItStands();
    }

    /**
     * Drives there, as fast as it can.
     *
     * @param array<string, float> $positions mm or degrees by axis id
     *
     * @return array<string, float> where it stands then
     */
    public function driveTo(array $positions): array
    {
        foreach ($positions as $id => $position) {
            if (!isset($this->axes[$id]) || !$this->axes[$id]->holds($position)) {
                throw new DeviceRefused(new Message('devices.rig.beyond', ['id' => Axis::labelOf($id)]));
            }
        }
        $this->rig->moveTo($positions, $this->meanwhile);

        return $this->untilItStands();
    }

    /**
     * By whole motor steps, to see one.
     *
     * @param array<string, int> $steps by axis id
     *
     * @return array<string, float> where it stands then
     */
    public function step(array $steps): array
    {
        $to = $this->positions();
        foreach ($steps as $id => $count) {
            $to[$id] = isset($this->axes[$id]) ? round($to[$id] + $count / $this->axes[$id]->stepsPerUnit, 6) : NAN;
        }

        return $this->driveTo(array_intersect_key($to, $steps));
    }

    /** @return array<string, float> where it really stands, by axis id */
    public function positions(): array
    {
        return array_intersect_key($this->rig->status()->positions, $this->axes);
    }

    public function end(): void
    {
        if ($this->worldSpeed !== null) {
            $this->rig->runAt($this->worldSpeed);
            $this->worldSpeed = null;
        }
        $this->rig->disconnect();
    }

    /**
     * @return array<string, float>
     */
    private function untilItStands(): array
    {
        for ($until = microtime(true) + self::REST_SECONDS; microtime(true) < $until; usleep((int) (1e6 * self::LOOK_SECONDS))) {
            ($this->meanwhile)();
            $status = $this->rig->status();
            if (!$status->knowsItsPlace()) {
                throw new DeviceRefused(new Message('devices.rig.switch'));
            }
            if ($status->state !== 'Run' && $status->state !== 'Home') {
                return array_intersect_key($status->positions, $this->axes);
            }
        }
        throw new DeviceRefused(new Message('devices.rig.keeps_moving'));
    }
}
