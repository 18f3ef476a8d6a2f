<?php

declare(strict_types=1);

namespace Evrent\Devices\Simulators\Rig;

/**
 * The same rig with firmware that speaks G-code otherwise: no greeting, no report of its axes, a status line in another order and without step counts,
 * answered by an "ok" besides, places in the work's coordinates, G4 in place of M400, and an output that is switched on and off for the trigger.
 * docs/devices.md has what the kit says of such a rig.
 */
final class OtherFirmware implements Controller
{
    /** As the kit would have it. */
    public const LETTERS = ['slide' => 'X', 'pan' => 'Y', 'tilt' => 'Z'];
    public const STATUS_AXES = ['pan', 'tilt', 'slide'];

    /** By which the work's zero is off the rig's own, mm or degrees; told with every third status line. */
    private const OFFSET = ['slide' => 12.5, 'pan' => -3.0, 'tilt' => 1.0];
    private const TOLD_EVERY = 3;

    private const UNKNOWN_WORD = 20;
    private const LOCKED = 9;
    private const NOT_KNOWN = '/^(?:\$W|M240|M400|M114|M\d{3})/';

    private string $unread = '';
    private string $said = '';
    private int $statuses = 0;
    private bool $isOn = false;

    public function __construct(private readonly SimulatedRig $rig)
    {
    }

    public function greet(): void
    {
        $this->unread = '';
    }

    public function receive(string $bytes, float $now): void
    {
        foreach (str_split($bytes) as $byte) {
            match ($byte) {
                '?' => $this->tellStatus($now),
                '!', '~', "\x18" => $this->rig->receive($byte, $now),
                "\n" => $this->line($now),
                default => $this->unread .= $byte,
            };
        }
    }

    public function goOnTo(float $now): void
    {
        $this->rig->goOnTo($now);
    }

    public function nextAt(): ?float
    {
        return $this->rig->nextAt();
    }

    public function takeSaid(): string
    {
        [$said, $this->said] = [$this->said, ''];
        foreach (explode("\n", rtrim($this->rig->takeSaid(), "\n")) as $line) {
            // Its words for what it refuses are others, and it never says what it is.
            $said .= match (true) {
                $line === 'ok' => "ok\n",
                str_starts_with($line, 'error:6'), str_starts_with($line, 'error:7') => 'error:' . self::LOCKED . "\n",
                str_starts_with($line, 'error:') => "{$line}\n",
                default => '',
            };
        }

        return $said;
    }

    public function takeTriggerSaid(): array
    {
        return $this->rig->takeTriggerSaid();
    }

    public function cutSeconds(): ?float
    {
        return $this->rig->cutSeconds();
    }

    public function worldSpeed(): float
    {
        return $this->rig->worldSpeed();
    }

    private function line(float $now): void
    {
        $line = strtoupper(trim($this->unread));
        $this->unread = '';
        if (preg_match(self::NOT_KNOWN, $line) === 1) {
            $this->said .= 'error:' . self::UNKNOWN_WORD . "\n";
        } elseif ($line === '' || $line === 'M8' || $line === 'M9') {
            $this->isOn = $line === 'M8';
            $this->said .= "ok\n";
        } elseif ($line === '$I') {
            $this->said .= "[VER:1.1.2026:]\n[OPT:VL,15,128]\nok\n";
        } elseif (preg_match('/^G4 ?P([\d.]+)$/D', $line, $found) === 1) {
            // A dwell waits for all motion; while the output is on, it is how long the trigger line is closed.
            $this->rig->receive($this->isOn ? sprintf("M240 P%.1F\n", (float) $found[1] * 1_000.0) : "M400\n", $now);
        } else {
            $this->rig->receive("{$line}\n", $now);
        }
    }

    private function tellStatus(float $now): void
    {
        $this->rig->goOnTo($now);
        $state = $this->rig->state();
        $positions = $this->rig->positions();
        $places = array_map(static fn (string $axis): string => sprintf('%.3F', $positions[$axis] - self::OFFSET[$axis]), self::STATUS_AXES);
        $offset = array_map(static fn (string $axis): string => sprintf('%.3F', self::OFFSET[$axis]), self::STATUS_AXES);
        $this->said .= sprintf(
            "<%s|WPos:%s|FS:0,0%s>\nok\n",
            $state === RigState::Hold ? 'Hold:0' : $state->value,
            implode(',', $places),
            $this->statuses % self::TOLD_EVERY === 0 ? '|WCO:' . implode(',', $offset) : '',
        );
        $this->statuses++;
    }
}
