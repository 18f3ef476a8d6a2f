<?php

declare(strict_types=1);

namespace Tests\Devices;

use Evrent\Core\Plan\Plan;
use Evrent\Core\Run\Before\Contradiction;
use Evrent\Core\Run\Take\LogKind;
use Evrent\Core\Run\Take\LogLine;
use Evrent\Core\Run\Take\Setting;
use Evrent\Core\Schedule\Schedule;
use Evrent\Devices\Running\HoldLost;
use Evrent\Devices\Running\Runner;
use Fiber;

/**
 * Two workers, one take, one rig and one camera, in virtual time. Each worker stops at everything that it asks of store, rig or camera, and what
 * happens to it there, and who goes on first, is the test's to say. The rig and the camera obey whoever talks to them, as most do.
 */
final class TwoHands
{
    private const SILENT_SECONDS = 15.0;
    private const MOST_STEPS = 60_000;
    private const STEP_SECONDS = 0.003;

    public float $now = 0.0;

    /** @var list<array{int, LogLine}> token and line */
    public array $lines = [];
    public int $token = 0;
    public ?int $driver = null;
    private float $heardAt = -INF;

    /** @var array<int, array{from: float, until: float}> when the database is away for a worker */
    public array $away = [];

    /** @var array<int, int> what each worker has asked for so far */
    public array $asked = [0, 0];

    /** @var array<int, float> when each is to be waked */
    private array $wakes = [0.0, 0.0];

    /** @var array<int, ?Fiber<mixed, mixed, mixed, mixed>> */
    private array $fibers = [];

    /** @var list<int> photos that the camera took, by the number that whoever fired it meant */
    public array $taken = [];

    /** @var list<float> and when */
    public array $takenAt = [];

    /** @var list<array{string, float}> name and when it is on the card */
    public array $card = [];

    /** @var list<string> */
    public array $wrong = [];
    public bool $isHeld = false;
    public ?float $arrivesAt = null;

    /** @var array<string, float> where the rig stands, or will when it has arrived */
    public array $positions = [];

    public readonly Schedule $schedule;

    /**
     * @param array<int, array{who: int, at: int, what: string, seconds: float}> $events at what each worker asks for the so-and-so-manieth time: killed (a
     *        new one after so many seconds), stalled, away (its database), all away, cut (its link to the database, made anew at once)
     * @param float $busySeconds for which a camera that is fired by itself, without a rig, is still at something else
     */
    public function __construct(Plan $plan, private array $events, private readonly bool $hasRig = true, public readonly float $busySeconds = 0.0)
    {
        $this->schedule = Schedule::of($plan);
    }

    public function run(): self
    {
        for ($step = 0; !$this->isOver(); $step++) {
            if ($step > self::MOST_STEPS) {
                $this->wrong[] = sprintf('It did not end: %d lines, at %.1f s.', count($this->lines), $this->now);
                break;
            }
            $who = $this->wakes[0] <= $this->wakes[1] ? 0 : 1;
            $this->now = max($this->now, $this->wakes[$who]);
            $this->wakes[$who] = $this->now + self::STEP_SECONDS;
            $fiber = $this->fibers[$who] ??= new Fiber(fn () => $this->work($who));
            $fiber->isStarted() ? $fiber->resume() : $fiber->start();
            if ($fiber->isTerminated()) {
                $this->fibers[$who] = null;
            }
        }

        return $this;
    }

    /** A worker asks for something: others may come between, and things happen. */
    public function step(int $who, float $seconds = self::STEP_SECONDS): void
    {
        $this->asked[$who]++;
        foreach ($this->events as $n => $event) {
            if ($event['who'] !== $who || $event['at'] !== $this->asked[$who]) {
                continue;
            }
            unset($this->events[$n]);
            $ends = $this->now + $event['seconds'];
            if ($event['what'] === 'killed') {
                // Its lock goes with it: who comes next need not wait.
                $this->fibers[$who] = null;
                $this->driver = $this->driver === $who ? null : $this->driver;
                $this->wakes[$who] = $ends;
                Fiber::suspend();
            } elseif ($event['what'] === 'stalled') {
                $seconds = max($seconds, $event['seconds']);
            } else {
                foreach ($event['what'] === 'all away' ? [0, 1] : [$who] as $one) {
                    $this->away[$one] = ['from' => $this->now, 'until' => $ends];
                }
            }
        }
        $this->wakes[$who] = $this->now + max($seconds, self::STEP_SECONDS);
        Fiber::suspend();
    }

    public function isAway(int $who): bool
    {
        return isset($this->away[$who]) && $this->now < $this->away[$who]['until'];
    }

    public function beat(int $who, int $token): bool
    {
        $this->heardAt = $token === $this->token ? $this->now : $this->heardAt;

        return $token === $this->token;
    }

    /** Something is sent to rig or camera. */
    public function acts(int $token, string $what): void
    {
        if ($token !== $this->token) {
            $this->wrong[] = "{$what} under token {$token}, while {$this->token} drives";
        }
    }

    /** The camera takes the photo that whoever fires it has announced. */
    public function takes(): void
    {
        $meant = (int) array_key_last(array_filter($this->lines, static fn (array $kept): bool => $kept[1]->kind === LogKind::Intent));
        $this->taken[] = (int) $this->lines[$meant][1]->photo;
        $this->takenAt[] = $this->now;
        $this->card[] = [sprintf('/DCIM/100EVRNT/EVR_%04d', count($this->taken)), $this->now + 0.8];
    }

    public function isMoving(): bool
    {
        return $this->arrivesAt !== null && $this->now < $this->arrivesAt;
    }

    /** @return list<string> what is wrong with it, in words */
    public function wrong(): array
    {
        $wrong = $this->wrong;
        $last = 0;
        $objects = [];
        foreach ($this->lines as [$token, $line]) {
            if ($token < $last) {
                $wrong[] = "a line under token {$token} after {$last}";
            }
            $last = $token;
            $object = $line->text('object');
            if ($object !== null && isset($objects[$object]) && $objects[$object] !== $line->photo) {
                $wrong[] = "{$object} is photo {$objects[$object]} and {$line->photo}";
            }
            $objects += $object === null ? [] : [$object => $line->photo];
        }
        foreach (array_count_values($this->taken) as $photo => $times) {
            if ($times > 1) {
                $wrong[] = "photo {$photo} was taken {$times} times";
            }
        }
        foreach (array_diff(range(1, $this->schedule->photosTotal()), $this->taken) as $photo) {
            $wrong[] = "photo {$photo} was never taken";
        }
        foreach ($objects as $object => $photo) {
            $was = $this->taken[(int) substr($object, -4) - 1] ?? 0;
            if ($was !== $photo) {
                $wrong[] = "the log says that {$object} is photo {$photo}, and it is {$was}";
            }
        }

        return $wrong;
    }

    private function isOver(): bool
    {
        $last = $this->lines === [] ? null : $this->lines[count($this->lines) - 1][1];

        return $last?->kind === LogKind::Ended;
    }

    /** As the command that carries takes out: whatever nobody holds is taken up. */
    private function work(int $who): void
    {
        while (!$this->isOver()) {
            $this->step($who, 0.25);
            $isFree = $this->driver === null || $this->driver === $who || $this->now - $this->heardAt > self::SILENT_SECONDS;
            if (!$isFree || $this->isAway($who) || $this->isOver()) {
                continue;
            }
            [$this->driver, $this->heardAt] = [$who, $this->now];
            $token = ++$this->token;
            $store = new TwoHandsStore($this, $who, $token);
            $clock = new VirtualRunClock($this, $who);
            $setting = new Setting(hasRig: $this->hasRig, cameraTells: true);
            $asIs = static function (array $found): array {
                /** @var list<Contradiction> $found */
                return array_fill_keys(array_map(static fn (Contradiction $one): string => $one->about, $found), '');
            };
            $devices = [$this->hasRig ? new TwoHandsRig($this, $who, $token) : null, new TwoHandsCamera($this, $who, $token)];
            try {
                (new Runner($this->schedule, $setting, $devices[0], $devices[1], $store, $clock, $asIs))->run();
            } catch (HoldLost) {
                // It asks again.
            }
        }
    }
}
