<?php

declare(strict_types=1);

namespace Evrent\Devices\Links;

use Evrent\Core\Messages\Message;
use Evrent\Core\Motion\Rig;
use Evrent\Core\Run\Before\RigReport;
use Evrent\Core\Words\FileName;
use Evrent\Devices\Protocol\Gcode\Dialect;
use Evrent\Devices\Protocol\Gcode\Letters;
use Evrent\Devices\Protocol\Gcode\Refusal;
use Evrent\Devices\Protocol\Gcode\ReportLine;
use Evrent\Devices\Protocol\Gcode\StatusLine;

/**
 * A rig behind G-code, over TCP ("127.0.0.1:7801"; with "#name" behind it only one that greets by that name) or a serial port ("/dev/ttyUSB0",
 * "/dev/ttyUSB0@115200"). docs/devices.md has what is sent.
 */
final class GcodeRig implements RigLink
{
    /** A board that says nothing for so long, in real seconds, is gone; what takes longer is asked after meanwhile. */
    private const PATIENCE_SECONDS = 5.0;
    private const SLICE_MICROSECONDS = 20_000;
    private const ODD_CHARACTERS = 120;

    /** What boards that speak G-code say of themselves when they begin, in one way or another. */
    private const GREETINGS = '/g-?code|firmware|\brig\b|start|ready|\$/i';
    private const WAKE_SECONDS = 1.0;

    /** Some boards answer nothing at all while they home. */
    private const HOMING_SECONDS = 120.0;

    /** Within this, in real seconds, one that answers a status request with "ok" too has done so. */
    private const OK_SECONDS = 0.1;

    /** @var array<string, string> by axis id */
    private readonly array $letters;

    private readonly string $address;
    private readonly string $name;

    private ?RigLine $line = null;

    /** @var list<string> answers that nobody has taken yet */
    private array $answers = [];
    private ?StatusLine $told = null;

    /** @var list<string> what came that was no answer, while somebody wants to know */
    private array $heard = [];

    /** @var list<float> by which its places are off its own zero, where it says so */
    private array $offset = [];
    private ?RigReport $report = null;

    /** Whether it speaks as docs/devices.md has it. */
    private bool $isOurs = true;

    /** Whether it says "ok" behind each status line, and whether such a one is still to come. */
    private bool $isStatusAnswered = false;
    private bool $owesOk = false;
    private bool $isGreeted = false;
    private bool $wasReached = false;

    /** The last that came and was no answer. */
    private string $oddly = '';
    private float $heardAt = 0.0;

    public function __construct(private readonly Rig $rig, string $address, private readonly Dialect $dialect)
    {
        [$this->address, $this->name] = explode('#', $address, 2) + [1 => ''];
        $this->letters = Letters::of($rig, $dialect->letters);
    }

    public function connect(): void
    {
        if ($this->line !== null) {
            return;
        }
        $this->line = RigLine::open($this->address) ?? throw new DeviceGone(new Message('devices.rig.no_answer', ['address' => $this->address]));
        $this->answers = $this->heard = $this->offset = [];
        $this->report = null;
        $this->isStatusAnswered = $this->owesOk = false;
        $this->isGreeted = false;
        $this->oddly = '';
        $this->heardAt = microtime(true);
        try {
            $greeting = $this->greeting();
            if (str_starts_with($greeting, 'busy')) {
                throw new DeviceGone(new Message('devices.rig.other_host'));
            }
            if ($this->name !== '' && !str_contains($greeting, $this->name)) {
                throw new DeviceGone(new Message('devices.rig.wrong_one', ['address' => $this->address]));
            }
            $this->readReport();
            $this->modes();
            $this->wasReached = true;
            $this->isStatusAnswered = !$this->isOurs && $this->saysOkToStatus();
        } catch (DeviceGone | DeviceRefused $failed) {
            $this->disconnect();
            if (!$this->isNoRig($failed)) {
                throw $failed;
            }
            throw new DeviceRefused(new Message('devices.rig.no_gcode', ['address' => $this->address, 'oddly' => $this->oddly]));
        }
    }

    public function home(callable $meanwhile): void
    {
        $this->ask($this->dialect->home, $meanwhile, self::HOMING_SECONDS);
        $this->modes();
    }

    public function moveTo(array $positions, callable $meanwhile): void
    {
        $seconds = $this->quietSeconds($positions);
        $words = $this->words($positions);
        $this->ask($seconds > 0.0 ? sprintf('G93 G1 %s F%.6F', $words, 60.0 / $seconds) : "G0 {$words}", $meanwhile);
        $this->ask($this->dialect->wait, $meanwhile);
    }

    public function creepTo(array $positions, float $seconds): void
    {
        $this->ask(sprintf('G93 G1 %s F%.6F', $this->words($positions), 60.0 / $seconds), static fn () => null);
    }

    public function feedTo(array $positions, float $feed): void
    {
        $this->ask(sprintf('G94 G1 %s F%.3F', $this->words($positions), $feed), static fn () => null);
    }

    public function trigger(?float $seconds, callable $meanwhile): void
    {
        foreach ($this->dialect->triggerLines($seconds) as $line) {
            $this->ask($line, $meanwhile);
        }
    }

    public function status(): RigStatus
    {
        $told = $this->statusLine();
        $order = $this->report?->letters() ?? [];
        $order = $order === [] ? $this->dialect->statusAxes ?? [] : $order;
        $positions = $steps = [];
        foreach ($this->letters as $id => $letter) {
            // In which order it has its axes it says itself, or the kit does; else where it stands is not known.
            $place = array_search($letter, $order, true);
            $positions += $place === false || !isset($told->places[$place]) ? [] : [$id => $told->places[$place]];
            $steps += $place === false || !isset($told->steps[$place]) ? [] : [$id => $told->steps[$place]];
        }

        return new RigStatus($told->state, $positions, $steps, $told->battery);
    }

    public function report(): ?RigReport
    {
        return $this->report;
    }

    public function letters(): array
    {
        return $this->letters;
    }

    public function runAt(float $worldSpeed): void
    {
        $this->ask(sprintf('$W=%s', rtrim(rtrim(sprintf('%.3F', $worldSpeed), '0'), '.')), static fn () => null);
        $this->readReport();
    }

    public function hold(): void
    {
        $this->send('!');
    }

    public function stop(): void
    {
        $this->send("!\x18");
        $this->disconnect();
    }

    public function disconnect(): void
    {
        $this->line?->close();
        $this->line = null;
    }

    /**
     * How long a way takes with no motor faster than it may be heard; 0 where none is to be quiet. G0 goes as fast as the rig can.
     *
     * @param array<string, float> $positions mm or degrees by axis id
     */
    private function quietSeconds(array $positions): float
    {
        return $this->rig->isHushed() ? $this->rig->evenSeconds($this->status()->positions, $positions) : 0.0;
    }

    /** Millimetres, absolute. One that does not know its place may take nothing before it is homed. */
    private function modes(): void
    {
        try {
            $this->ask('G21 G90 G94', static fn () => null);
        } catch (DeviceRefused $refused) {
            if ($refused->number !== Refusal::Alarm->value) {
                throw $refused;
            }
        }
    }

    private function saysOkToStatus(): bool
    {
        $this->statusLine();
        $says = $this->waitForAnswer(self::OK_SECONDS) === 'ok';
        $this->answers = [];

        return $says;
    }

    private function waitForAnswer(float $seconds): ?string
    {
        for ($until = microtime(true) + $seconds; $this->answers === [] && microtime(true) < $until;) {
            $this->listen(self::SLICE_MICROSECONDS);
        }

        return $this->answers[0] ?? null;
    }

    /** Which axes it has, and in which order. */
    private function readReport(): void
    {
        $this->heard = [];
        try {
            $this->ask('$I', static fn () => null);
            $this->report = ReportLine::read($this->heard);
            $this->isOurs = $this->report !== null;
        } catch (DeviceRefused) {
            // It does not know the word.
            $this->report = null;
            $this->isOurs = false;
        }
    }

    private function statusLine(): StatusLine
    {
        $this->told = null;
        $this->askStatus();
        $until = microtime(true) + self::PATIENCE_SECONDS;
        while (microtime(true) < $until) {
            $this->listen(self::SLICE_MICROSECONDS);
            if ($this->told instanceof StatusLine) {
                return $this->told;
            }
        }
        $this->gone();
    }

    private function isInAlarm(): bool
    {
        $this->told = null;
        $this->askStatus();
        for ($until = microtime(true) + self::WAKE_SECONDS; $this->told === null && microtime(true) < $until;) {
            $this->listen(self::SLICE_MICROSECONDS);
        }

        return $this->told?->state === 'Alarm';
    }

    private function askStatus(): void
    {
        $this->owesOk = $this->isStatusAnswered;
        $this->send('?');
    }

    /**
     * What it says of itself first. One that says nothing is waked by an empty line: whatever it is answers that.
     *
     * @throws DeviceGone
     */
    private function greeting(): string
    {
        if ($this->waitForAnswer(self::WAKE_SECONDS) === null) {
            $this->send("\r\n\r\n");
            $greeting = $this->answer(static fn () => null);
            // What else comes of the empty lines is no answer to what is asked next.
            for ($until = microtime(true) + self::WAKE_SECONDS / 4.0; microtime(true) < $until;) {
                $this->listen(self::SLICE_MICROSECONDS);
            }

            return $greeting;
        }

        return (string) array_shift($this->answers);
    }

    /** Whether something answered that is no rig. One that was reached before may be starting up, and say all kinds of things. */
    private function isNoRig(DeviceGone|DeviceRefused $failed): bool
    {
        return $failed instanceof DeviceGone && !$this->wasReached && $this->oddly !== '';
    }

    /**
     * @param array<string, float> $positions
     */
    private function words(array $positions): string
    {
        $words = [];
        foreach ($positions as $id => $position) {
            $words[] = $this->letters[$id] . rtrim(rtrim(sprintf('%.4F', $position), '0'), '.');
        }

        return implode(' ', $words);
    }

    /**
     * @param callable(): void $meanwhile
     *
     * @throws DeviceGone
     * @throws DeviceRefused
     */
    private function ask(string $line, callable $meanwhile, float $patience = self::PATIENCE_SECONDS): void
    {
        $this->answers = [];
        $this->send("{$line}\n");
        $answer = $this->answer($meanwhile, $patience);
        if ($answer !== 'ok') {
            throw $this->refusal($line, $answer);
        }
    }

    /** Numbers of refusals mean what docs/devices.md says on a rig that reports itself as it says there; of any other its state tells. */
    private function refusal(string $line, string $answer): DeviceRefused
    {
        $number = (int) substr($answer, strlen('error:'));
        $why = Refusal::tryFrom($number)?->sentence();
        if (!$this->isOurs) {
            [$number, $why] = [$line !== '$I' && $this->isInAlarm() ? Refusal::Alarm->value : 0, null];
        }

        return new DeviceRefused(new Message($why === null ? 'devices.rig.refused' : 'devices.rig.refused_why', [
            'line' => $line, 'answer' => $answer, 'why' => $why ?? '',
        ]), $number);
    }

    /**
     * @param callable(): void $meanwhile
     *
     * @throws DeviceGone
     */
    private function answer(callable $meanwhile, float $patience = self::PATIENCE_SECONDS): string
    {
        $this->heardAt = microtime(true);
        $asked = false;
        while ($this->answers === []) {
            $this->listen(self::SLICE_MICROSECONDS);
            $meanwhile();
            $silent = microtime(true) - $this->heardAt;
            if ($silent > $patience) {
                $this->gone();
            }
            if ($silent > self::PATIENCE_SECONDS / 2.0 && !$asked) {
                // Whatever takes long is not mistaken for a board that is gone: that one does not even say how it is.
                $this->askStatus();
                $asked = true;
            } elseif ($silent < 1.0) {
                $asked = false;
            }
        }

        return (string) array_shift($this->answers);
    }

    private function send(string $bytes): void
    {
        if ($this->line?->send($bytes) !== true) {
            $this->gone();
        }
    }

    private function listen(int $microseconds): void
    {
        $lines = $this->line?->read($microseconds);
        if ($lines === null) {
            $this->gone();
        }
        $this->heardAt = $lines === [] ? $this->heardAt : microtime(true);
        foreach ($lines as $line) {
            $this->takeLine($line);
        }
    }

    private function takeLine(string $text): void
    {
        $status = StatusLine::read($text, $this->offset);
        if ($status !== null) {
            [$this->told, $this->offset] = [$status, $status->offset];
        } elseif ($text === 'ok' && $this->owesOk) {
            // It belongs to the status line, and to nothing that waits for an answer.
            $this->owesOk = false;
        } elseif ($text === 'ok' || preg_match('/^(?:error|alarm|!!)/i', $text) === 1) {
            $this->answers[] = $text;
        } elseif (str_starts_with($text, 'busy')) {
            $this->answers[] = 'busy';
        } elseif ($text !== '' && !$this->isGreeted) {
            $this->isGreeted = true;
            $this->answers[] = $text;
            $this->oddly = preg_match(self::GREETINGS, $text) === 1 ? '' : self::shown($text);
        } elseif ($text !== '') {
            $this->heard[] = $text;
            $this->oddly = self::shown($text);
        }
    }

    private static function shown(string $text): string
    {
        return FileName::shown(mb_substr(mb_scrub($text), 0, self::ODD_CHARACTERS));
    }

    private function gone(): never
    {
        $this->disconnect();
        throw new DeviceGone(new Message('devices.rig.no_answer', ['address' => $this->address]));
    }
}
