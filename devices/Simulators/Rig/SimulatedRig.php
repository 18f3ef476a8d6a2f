<?php

declare(strict_types=1);

namespace Evrent\Devices\Simulators\Rig;

use Evrent\Core\Budget\RigPower;
use Evrent\Core\Motion\Rig;
use Evrent\Core\Run\FaultKind;
use Evrent\Devices\Faults;
use Evrent\Devices\Protocol\Gcode\Letters;
use Evrent\Devices\Protocol\Gcode\Line;
use Evrent\Devices\Protocol\Gcode\Refusal;
use Evrent\Devices\Protocol\Gcode\ReportLine;
use Evrent\Devices\Simulators\Clock;

/**
 * The simulated rig's controller, without sockets and without a clock of its own: it is given what came and what time it is, in simulated
 * seconds, and says what goes out. docs/devices.md has what it understands.
 */
final class SimulatedRig implements Controller
{
    private const GREETING = 'Evrent rig, G-code';
    private const CLOSED_SECONDS = 0.1;
    private const MOST_SECONDS = 86_400.0;
    private const SECONDS_PER_MINUTE = 60.0;

    /** @var array<string, string> by axis id */
    private readonly array $letters;
    private readonly Motion $motion;
    private readonly RigCell $cell;

    private string $unread = '';

    /** @var list<string> */
    private array $lines = [];

    private Wait $wait = Wait::Nothing;
    private float $waitsUntil = 0.0;
    private bool $isHoming = false;
    private ?Block $forRoom = null;

    private bool $isRelative = false;
    private bool $isInverseTime = false;
    private bool $knowsPlace = false;
    private bool $isInAlarm = false;
    private int $photos = 0;
    private ?float $closedSince = null;
    private float $now = 0.0;
    private ?float $cutUntil = null;

    private string $said = '';

    /** Before this nothing that was said goes out. */
    private float $lateUntil = 0.0;

    /** @var list<string> */
    private array $triggerSaid = [];

    /**
     * @param array<string, string> $letters that this rig has otherwise, by axis id
     * @param string                $name    that it says of itself when it greets
     * @param float                 $worldSpeed simulated seconds in a real one
     */
    public function __construct(
        private readonly Rig $rig,
        private readonly Faults $faults = new Faults(),
        ?RigPower $power = null,
        array $letters = [],
        private readonly string $name = '',
        private float $worldSpeed = 1.0,
    ) {
        $this->letters = Letters::of($rig, $letters);
        $this->cell = new RigCell($power);
        $this->motion = new Motion($rig, $faults, fn (): int => $this->photos);
    }

    /** Somebody connected: the rig says what it is. */
    public function greet(): void
    {
        $this->said .= trim(self::GREETING . " {$this->name}") . "\n";
        $this->unread = '';
        $this->lines = [];
    }

    /** Takes what came, at a time not before any it was given. */
    public function receive(string $bytes, float $now): void
    {
        $this->goOnTo($now);
        $this->cell->use($this->now);
        foreach (str_split($bytes) as $byte) {
            match ($byte) {
                '?' => $this->said .= $this->status() . "\n",
                '!' => $this->motion->hold($this->now),
                '~' => $this->motion->release($this->now),
                "\x18" => $this->reset(),
                "\r" => null,
                "\n" => $this->takeLine(),
                // What is far too long is refused at its end; it need not all be kept.
                default => $this->unread .= strlen($this->unread) <= 2 * Line::MOST_CHARACTERS ? $byte : '',
            };
        }
    }

    /** Lets time pass. */
    public function goOnTo(float $now): void
    {
        while (($at = $this->nextAt()) !== null && $at <= $now) {
            $this->passTo($at);
            $this->work();
        }
        $this->passTo($now);
    }

    /** When something happens next without anybody asking; null when nothing does. */
    public function nextAt(): ?float
    {
        $times = array_filter([
            $this->wait === Wait::Time || $this->wait === Wait::Trigger ? $this->waitsUntil : null,
            $this->motion->nextAt(),
            $this->said !== '' && $this->now < $this->lateUntil ? $this->lateUntil : null,
        ], static fn (?float $at): bool => $at !== null);

        return $times === [] ? null : min($times);
    }

    /** What goes out to the host, and is forgotten then. */
    public function takeSaid(): string
    {
        if ($this->now < $this->lateUntil) {
            return '';
        }
        [$said, $this->said] = [$this->said, ''];

        return $said;
    }

    /**
     * What goes out on the trigger line, and is forgotten then: "1" it closes, "0" it opens, each with where the rig stands; "m" a motion
     * begins that takes so many seconds, and leads there; and when, on the rig's own clock.
     *
     * @return list<string>
     */
    public function takeTriggerSaid(): array
    {
        [$said, $this->triggerSaid] = [$this->triggerSaid, []];

        return $said;
    }

    /** For how many simulated seconds the connection is down from now on; null when it is up. */
    public function cutSeconds(): ?float
    {
        [$until, $this->cutUntil] = [$this->cutUntil, null];

        return $until === null ? null : max(0.0, $until - $this->now);
    }

    /** Simulated seconds in a real one: the clock that gives it its time is to keep to that. */
    public function worldSpeed(): float
    {
        return $this->worldSpeed;
    }

    public function state(): RigState
    {
        return match (true) {
            $this->isInAlarm, !$this->knowsPlace && !$this->isHoming => RigState::Alarm,
            $this->isHoming => RigState::Home,
            $this->motion->isHeld() => RigState::Hold,
            $this->motion->isMoving() => RigState::Run,
            default => RigState::Idle,
        };
    }

    /** @return array<string, float> where it really stands, by axis id */
    public function positions(): array
    {
        return $this->motion->positions($this->now);
    }

    private function status(): string
    {
        $positions = $this->motion->positions($this->now);
        $steps = $this->motion->steps($this->now);
        $ids = array_keys($this->letters);

        return sprintf(
            '<%s|MPos:%s|St:%s|Bat:%d>',
            $this->state()->value,
            implode(',', array_map(static fn (string $id): string => sprintf('%.3F', $positions[$id]), $ids)),
            implode(',', array_map(static fn (string $id): string => (string) $steps[$id], $ids)),
            $this->cell->percent(),
        );
    }

    private function takeLine(): void
    {
        $this->lines[] = $this->unread;
        $this->unread = '';
        $this->work();
    }

    /** Does what the lines say, as far as it need not wait. */
    private function work(): void
    {
        while (true) {
            if ($this->wait !== Wait::Nothing) {
                if (!$this->isOver()) {
                    return;
                }
                $this->wait = Wait::Nothing;
                $this->end();
            }
            $line = array_shift($this->lines);
            if ($line === null) {
                return;
            }
            $refusal = $this->obey($line);
            if ($refusal !== null) {
                $this->answer("error:{$refusal->value}");
            } elseif ($this->wait === Wait::Nothing) {
                $this->answer('ok');
            }
        }
    }

    private function isOver(): bool
    {
        return match ($this->wait) {
            Wait::Time, Wait::Trigger => $this->now >= $this->waitsUntil,
            Wait::Rest => !$this->motion->isMoving(),
            Wait::Room => $this->motion->hasRoom(),
            Wait::Nothing => true,
        };
    }

    /** What the line waited for has come. */
    private function end(): void
    {
        if ($this->closedSince !== null) {
            $this->tellTrigger('0', sprintf(' P%.4F', $this->now - $this->closedSince));
            $this->closedSince = null;
            $this->afterPhoto();
        } elseif ($this->isHoming) {
            $this->isHoming = $this->isInAlarm = false;
            $this->knowsPlace = true;
            array_map(static fn (SimulatedAxis $axis) => $axis->home(), $this->motion->axes);
            $this->tellTrigger('m 0');
        } elseif ($this->forRoom !== null) {
            $this->setOut($this->forRoom);
            $this->forRoom = null;
        }
        $this->answer('ok');
    }

    private function answer(string $text): void
    {
        $late = 0.0;
        foreach ($this->photos === 0 ? [] : $this->faults->at(FaultKind::SlowReply, $this->photos) as $fault) {
            $late = max($late, $fault->seconds);
        }
        $this->said .= "{$text}\n";
        if ($late > 0.0) {
            // Whoever is late with an answer is late with all that follows.
            $this->lateUntil = max($this->lateUntil, $this->now + $late);
        }
    }

    private function obey(string $text): ?Refusal
    {
        if (str_starts_with($text, '$I') || str_starts_with($text, '$W')) {
            return $this->ofItself($text);
        }
        $command = Command::read($text, $this->letters);
        if ($command instanceof Refusal) {
            return $command;
        }
        $line = $command->line;
        $this->isRelative = $line->has('G91') || $this->isRelative && !$line->has('G90');
        $this->isInverseTime = $line->has('G93') || $this->isInverseTime && !$line->has('G94');

        return match ($command->act) {
            'G0' => $this->move($line, true),
            'G1' => $this->move($line, false),
            'G4' => $this->waitFor($line->values['P'] ?? null),
            'G28' => $this->home(),
            'M240' => $this->trigger(isset($line->values['P']) ? $line->values['P'] / 1000.0 : self::CLOSED_SECONDS),
            'M400' => $this->isInAlarm ? Refusal::Alarm : $this->until(Wait::Rest),
            'M114' => $this->tellPlace(),
            default => null,
        };
    }

    /** What it is, and how fast its world runs. */
    private function ofItself(string $text): ?Refusal
    {
        if ($text === '$I') {
            $this->said .= implode("\n", ReportLine::write($this->rig, $this->letters, $this->worldSpeed)) . "\n";

            return null;
        }
        if (preg_match('/^\$W=(\d{1,4}(?:\.\d{1,3})?)$/D', $text, $found) !== 1) {
            return Refusal::UnknownWord;
        }
        $speed = (float) $found[1];
        if ($speed < 1.0 || $speed > Clock::MOST_SPEED) {
            return Refusal::OutOfRange;
        }
        if ($this->motion->isMoving()) {
            return Refusal::Moving;
        }
        $this->worldSpeed = $speed;
        $this->triggerSaid[] = "w {$found[1]}";

        return null;
    }

    private function move(Line $line, bool $isFastest): ?Refusal
    {
        if ($this->isInAlarm || !$this->knowsPlace) {
            return $this->isInAlarm ? Refusal::Alarm : Refusal::PositionUnknown;
        }
        if (!$isFastest && !isset($line->values['F'])) {
            return Refusal::NoFeed;
        }
        $feed = $line->values['F'] ?? 1.0;
        if (!$isFastest && ($feed <= 0.0 || $this->isInverseTime && self::SECONDS_PER_MINUTE / $feed > self::MOST_SECONDS)) {
            return Refusal::OutOfRange;
        }
        $target = $this->motion->targetSteps();
        foreach ($this->letters as $id => $letter) {
            if (!isset($line->values[$letter])) {
                continue;
            }
            $axis = $this->motion->axes[$id]->axis;
            $to = $line->values[$letter] + ($this->isRelative ? $target[$id] / $axis->stepsPerUnit : 0.0);
            if (!$axis->holds(round($to, 6))) {
                return Refusal::BeyondTravel;
            }
            $target[$id] = $axis->motorPositionSteps($to);
        }
        $block = match (true) {
            $isFastest => new Block($target, Pace::Fastest),
            $this->isInverseTime => new Block($target, Pace::InTime, self::SECONDS_PER_MINUTE / $feed),
            default => new Block($target, Pace::Feed, $feed),
        };
        if ($this->motion->hasRoom()) {
            $this->setOut($block);

            return null;
        }
        $this->forRoom = $block;

        return $this->until(Wait::Room);
    }

    private function setOut(Block $block): void
    {
        $this->drain();
        $this->motion->add($block, $this->now);
        $this->tellMotion();
    }

    private function waitFor(?float $seconds): ?Refusal
    {
        if ($seconds === null || $seconds < 0.0 || $seconds > self::MOST_SECONDS) {
            return $seconds === null ? Refusal::NoNumber : Refusal::OutOfRange;
        }

        return $this->until(Wait::Time, $this->now + $seconds);
    }

    private function home(): null
    {
        $this->motion->stop($this->now);
        $this->isHoming = true;
        $takes = array_map(static fn (SimulatedAxis $axis): float => $axis->homeSeconds(), $this->motion->axes);

        return $this->until(Wait::Time, $this->now + max(0.0, ...array_values($takes)));
    }

    private function trigger(float $seconds): ?Refusal
    {
        if ($seconds <= 0.0 || $seconds > self::MOST_SECONDS) {
            return Refusal::OutOfRange;
        }
        $this->photos++;
        $this->closedSince = $this->now;
        $this->tellTrigger('1');

        return $this->until(Wait::Trigger, $this->now + $seconds);
    }

    private function tellPlace(): null
    {
        $steps = $this->motion->steps($this->now);
        $words = $counted = [];
        foreach ($this->letters as $id => $letter) {
            $words[] = sprintf('%s:%.3F', $letter, $this->positions()[$id]);
            $counted[] = (string) $steps[$id];
        }
        $this->said .= implode(' ', $words) . ' St:' . implode(',', $counted) . "\n";

        return null;
    }

    private function until(Wait $what, float $at = 0.0): null
    {
        $this->wait = $what;
        $this->waitsUntil = $at;

        return null;
    }

    private function reset(): void
    {
        // What stops in mid-motion may have lost its place; what was held before stands.
        $this->isInAlarm = $this->isInAlarm && $this->knowsPlace === false;
        if ($this->motion->isMoving() && !$this->motion->stands($this->now) || $this->isHoming) {
            $this->knowsPlace = false;
        }
        $this->motion->stop($this->now);
        $this->openTrigger();
        $this->lines = [];
        $this->unread = '';
        $this->isHoming = $this->isRelative = $this->isInverseTime = false;
        $this->forRoom = null;
        $this->until(Wait::Nothing);
        $this->said .= trim(self::GREETING . " {$this->name}") . "\n";
    }

    private function openTrigger(): void
    {
        if ($this->closedSince !== null) {
            $this->tellTrigger('0', sprintf(' P%.4F', $this->now - $this->closedSince));
            $this->closedSince = null;
        }
    }

    /** What is to go wrong after this photo. */
    private function afterPhoto(): void
    {
        foreach ($this->faults->at(FaultKind::RigBattery, $this->photos) as $fault) {
            $this->cell->fallTo($fault->percent);
        }
        foreach ([FaultKind::PowerCut, FaultKind::ConnectionLost] as $kind) {
            foreach ($this->faults->at($kind, $this->photos) as $fault) {
                $this->loseConnection($fault->seconds, $kind === FaultKind::PowerCut);
            }
        }
    }

    private function loseConnection(float $seconds, bool $withPower): void
    {
        $this->cutUntil = $this->now + $seconds;
        if ($withPower) {
            $this->motion->stop($this->now);
            $this->knowsPlace = $this->isInAlarm = $this->isHoming = false;
            $this->lines = [];
            $this->forRoom = null;
            $this->openTrigger();
            $this->until(Wait::Nothing);
        }
    }

    private function passTo(float $now): void
    {
        if ($now < $this->now) {
            return;
        }
        $this->drain($now);
        if (!$this->motion->goOnTo($now)) {
            $this->isInAlarm = true;
            $this->knowsPlace = false;
            $this->tellTrigger('m 0');
            if ($this->wait === Wait::Rest || $this->wait === Wait::Room) {
                $this->until(Wait::Nothing);
                $this->forRoom = null;
                $this->answer('error:' . Refusal::Alarm->value);
            }
        }
        $this->now = $now;
        $this->tellMotion();
    }

    private function tellMotion(): void
    {
        foreach ($this->motion->told as $told) {
            $this->tellTrigger($told);
        }
        $this->motion->told = [];
    }

    private function tellTrigger(string $what, string $more = ''): void
    {
        $isOut = $what[0] !== 'm' && $this->faults->at(FaultKind::TriggerOut, max(1, $this->photos)) !== [];
        $ends = $what[0] === 'm'
            ? array_map(static fn (SimulatedAxis $axis): float => $axis->positionAfter(INF), $this->motion->axes)
            : $this->positions();
        $words = [$what];
        foreach ($this->letters as $id => $letter) {
            $words[] = sprintf('%s%.4F', $letter, $ends[$id]);
        }
        if (!$isOut) {
            $this->triggerSaid[] = implode(' ', $words) . $more . sprintf(' T%.4F', $this->now);
        }
    }

    private function drain(?float $until = null): void
    {
        if ($this->cell->drain($until ?? $this->now, $this->motion->isMoving(), $this->knowsPlace)) {
            $this->loseConnection(INF, true);
        }
    }
}
