<?php

declare(strict_types=1);

namespace Evrent\Devices\Daemon;

use Evrent\Core\Messages\Joined;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Text;
use Evrent\Core\Motion\JogStream;
use Evrent\Core\Motion\TimedPass;
use Evrent\Core\Motion\Way;
use Evrent\Core\Motion\WayStream;
use Evrent\Devices\Links\DeviceRefused;
use Evrent\Devices\Links\RigLink;
use Evrent\Devices\Running\HandOnRig;

/**
 * What a rig in hand does: one thing at a time. Whoever may drive it, and what stops it, is its daemon's.
 */
final class RigMotions
{
    private const TICK_SECONDS = 0.04;

    /** So long after it should stand it is looked at. */
    private const LOOK_SECONDS = 0.1;

    /** So long after the last word of a drag it is over. */
    private const DRAG_SECONDS = 1.0;
    private const MOST_LEGS = 10;

    /** Before a test photo. */
    private const SETTLE_SECONDS = 0.3;

    /** What it does, in a word for whoever looks on; empty while it stands. */
    public string $doing = '';

    /** @var list<array{photo: int, number: ?int}> the test photos of the last test move: of the run, and as the camera's daemon counts them */
    public array $tested = [];

    private ?JogStream $jog = null;
    private ?WayStream $along = null;

    /** Place of the way that somebody drags to; null while nobody does. */
    private ?float $dragged = null;
    private float $draggedAt = -INF;

    /** @var ?\Closure(): void what is to be done next */
    private ?\Closure $job = null;

    /**
     * @param \Closure(float): void $meanwhile lets so many seconds pass, in which others are answered; throws Halted when somebody pressed Stop
     */
    public function __construct(
        private readonly RigLink $rig,
        private readonly HandOnRig $hand,
        private readonly RigWatch $watch,
        private readonly Way $way,
        private readonly Daemons $daemons,
        private readonly \Closure $meanwhile,
    ) {
    }

    public function isBusy(): bool
    {
        return $this->job !== null || $this->jog !== null || $this->along !== null;
    }

    /** Whether it does what has to end before a window can have it do something else; a jog and a drag take further words. */
    public function isUnderWay(): bool
    {
        return $this->job !== null || !in_array($this->doing, ['', 'jogs', 'follows'], true);
    }

    /** Whether it goes where it is sent: its place is known, and an axis that does not follow is stuck. */
    public function isDriven(): bool
    {
        return $this->isBusy() && $this->doing !== 'homes';
    }

    /**
     * Goes on with what is under way.
     *
     * @throws Halted
     * @throws DeviceRefused
     * @throws \Evrent\Devices\Links\DeviceGone
     */
    public function goOn(): void
    {
        if ($this->job !== null) {
            ($this->job)();
            $this->job = null;
            $this->rests();
        }
        $this->follow();
        $restsAt = $this->jog?->restsAt();
        if ($restsAt !== null && microtime(true) > $restsAt + self::LOOK_SECONDS && $this->watch->stands?->state !== 'Run') {
            $this->rests();
        }
    }

    /** Whatever it was to do, it does no more. */
    public function forget(): void
    {
        $this->jog = $this->along = $this->job = $this->dragged = null;
        $this->doing = '';
    }

    /** Sets about what a window wants, and says why not where it cannot. */
    public function take(Question $asked): Text|string|null
    {
        $do = $asked->text('do');
        if ($do === 'steer') {
            $this->steer($asked->byAxis('shares'));

            return null;
        }
        if ($do === 'scrub') {
            return $this->drag((int) $asked->number('photo'));
        }
        if ($this->jog !== null || $this->along !== null) {
            return new Message('devices.rig.still_moves');
        }

        return match ($do) {
            'home' => $this->does('homes', fn () => $this->hand->home()),
            'drive' => $this->drive($asked),
            'step' => $this->step($asked),
            'pass' => $this->pass($asked),
            default => new Message('devices.rig.unknown_command'),
        };
    }

    private function drive(Question $asked): Text|string|null
    {
        $photo = $asked->number('photo');
        if ($photo !== null && ($photo < 1 || $photo > $this->way->end + 1)) {
            return new Message('devices.rig.photo', ['end' => $this->way->end + 1]);
        }
        $positions = $photo === null ? $asked->byAxis('positions') : $this->way->at($photo - 1.0);
        foreach ($positions as $id => $position) {
            $axis = $this->hand->axes()[$id] ?? null;
            if ($axis === null || !$axis->holds($position)) {
                return $axis === null
                    ? new Message('devices.rig.no_such_axis', ['id' => $id])
                    : Joined::of([$axis->travelProblem(), new Message('devices.rig.nothing_moved')], Joined::SENTENCES);
            }
        }

        return $positions === [] ? new Message('devices.rig.where') : $this->does('drives', fn () => $this->hand->driveTo($positions));
    }

    private function step(Question $asked): ?Message
    {
        $id = $asked->text('axis');
        $count = (int) $asked->number('count');

        return isset($this->hand->axes()[$id]) && $count !== 0 && abs($count) <= 1_000
            ? $this->does('steps', fn () => $this->hand->step([$id => $count]))
            : new Message('devices.rig.steps');
    }

    /**
     * @param array<string, float> $shares
     */
    private function steer(array $shares): void
    {
        if ($this->along !== null || $this->job !== null || $shares === [] && $this->jog === null) {
            return;
        }
        $this->jog ??= new JogStream($this->hand->axes(), $this->hand->ready());
        $this->doing = 'jogs';
        $word = $this->jog->next($shares, microtime(true));
        if ($word !== null) {
            $this->rig->feedTo($word['positions'], $word['feed']);
        }
    }

    private function drag(int $photo): Text|string|null
    {
        if ($photo < 1 || $photo > $this->way->end + 1) {
            return new Message('devices.rig.photo', ['end' => $this->way->end + 1]);
        }
        if ($this->jog !== null || $this->job !== null) {
            return '';
        }
        [$this->dragged, $this->draggedAt] = [$photo - 1.0, microtime(true)];
        if ($this->along === null) {
            $place = $this->dragged;
            $positions = $this->way->at($place);
            $this->does('drives', function () use ($place, $positions): void {
                $this->hand->driveTo($positions);
                $this->along = new WayStream($this->hand->axes(), $this->way, $place);
            });
        }

        return null;
    }

    private function pass(Question $asked): ?Message
    {
        $last = $this->way->end;
        $from = ($asked->number('from') ?? 1.0) - 1.0;
        $to = ($asked->number('to') ?? $last + 1.0) - 1.0;
        $seconds = $asked->number('seconds');
        if ($from < 0.0 || $to < 0.0 || $from > $last || $to > $last || $from === $to) {
            return new Message('devices.rig.two_photos', ['last' => $last + 1]);
        }
        if ($seconds === null || $seconds <= 0.0 || $seconds > 86_400.0) {
            return new Message('devices.rig.seconds');
        }
        $loops = $asked->is('loops');
        $legs = (int) $asked->number('legs');
        if ($legs > 0) {
            return $legs > self::MOST_LEGS
                ? new Message('devices.rig.too_many')
                : $this->does('tests', fn () => $this->test($from, $to, $seconds, $legs, $asked->text('camera')));
        }

        return $this->does($loops ? 'loops' : 'passes', function () use ($from, $to, $seconds, $loops): void {
            $this->hand->driveTo($this->way->at($from));
            do {
                $this->goThrough(new TimedPass($this->way, $this->hand->axes(), $from, $to, $seconds), $from);
                [$from, $to] = [$to, $from];
            } while ($loops);
        });
    }

    /** Goes through in legs, and has a photo taken where each begins, and at the end. */
    private function test(float $from, float $to, float $seconds, int $legs, string $camera): void
    {
        $this->tested = [];
        $this->hand->driveTo($this->way->at($from));
        for ($leg = 0; $leg <= $legs; $leg++) {
            $place = round($from + ($to - $from) * $leg / $legs);
            if ($leg > 0) {
                $before = round($from + ($to - $from) * ($leg - 1) / $legs);
                if ($place !== $before) {
                    $this->goThrough(new TimedPass($this->way, $this->hand->axes(), $before, $place, $seconds / $legs), $before);
                }
            }
            $this->tested[] = ['photo' => (int) $place + 1, 'number' => $this->takePhoto($camera)];
        }
    }

    private function isBehind(WayStream $stream): bool
    {
        return $this->watch->stands !== null && $stream->isBehind($this->watch->stands->positions, $this->watch->lookedAt);
    }

    /** @return ?int its number, as the camera's daemon counts; null where nobody hears of it */
    private function takePhoto(string $camera): ?int
    {
        if ($camera === '') {
            $this->rig->trigger(null, fn () => ($this->meanwhile)(0.0));

            return null;
        }
        for ($until = microtime(true) + self::SETTLE_SECONDS; microtime(true) < $until;) {
            ($this->meanwhile)(self::TICK_SECONDS);
        }
        $answer = $this->daemons->ask($camera, ['do' => 'fire']) ?? new Answer(['problem' => new Message('devices.rig.no_camera')]);
        while ($answer->problem() === null) {
            ($this->meanwhile)(self::TICK_SECONDS);
            $answer = $this->daemons->ask($camera, ['do' => 'status']) ?? new Answer(['problem' => new Message('devices.rig.no_camera')]);
            if (($answer->fields['waits'] ?? false) !== true) {
                break;
            }
        }
        $problem = $answer->problem() ?? $answer->words('trouble');
        if ($problem !== null) {
            throw new DeviceRefused($problem);
        }

        return (int) (new Question($answer->fields))->number('photo');
    }

    private function goThrough(TimedPass $pass, float $from): void
    {
        $stream = new WayStream($this->hand->axes(), $this->way, $from);
        $began = microtime(true);
        do {
            $elapsed = microtime(true) - $began;
            $ahead = $pass->ahead($elapsed);
            foreach ($this->isBehind($stream) ? [] : $stream->beThere($pass->place($elapsed + $ahead), $ahead, microtime(true)) as $word) {
                $this->rig->feedTo($word['positions'], $word['feed']);
            }
            ($this->meanwhile)(self::TICK_SECONDS);
        } while ($elapsed < $pass->seconds || $stream->sentTo() !== $pass->place($pass->seconds) || microtime(true) < $stream->restsAt());
        $this->hand->ready();
    }

    /** @param \Closure(): mixed $job */
    private function does(string $what, \Closure $job): null
    {
        $this->doing = $what;
        $this->job = static function () use ($job): void {
            $job();
        };

        return null;
    }

    /** Goes along the way to where it is dragged. */
    private function follow(): void
    {
        if ($this->along === null || $this->dragged === null) {
            return;
        }
        $now = microtime(true);
        foreach ($this->isBehind($this->along) ? [] : $this->along->next($this->dragged, INF, $now) as $word) {
            $this->rig->feedTo($word['positions'], $word['feed']);
        }
        if ($this->along->sentTo() === $this->dragged && $now > max($this->along->restsAt(), $this->draggedAt + self::DRAG_SECONDS)) {
            $this->along = $this->dragged = null;
            $this->rests();
        }
    }

    /** What was under way is over. */
    private function rests(): void
    {
        $this->jog = null;
        $this->doing = $this->along === null ? '' : 'follows';
        $this->watch->look($this->isDriven());
    }
}
