<?php

declare(strict_types=1);

namespace Evrent\Devices\Protocol\Gcode;

use Evrent\Core\Kit\RigWords;

/**
 * How one rig's firmware speaks G-code: its letters, and its words for what standards leave open. docs/devices.md has examples.
 */
final readonly class Dialect
{
    public const CLOSED_SECONDS = 0.1;

    /**
     * @param array<string, string> $letters    by axis id, where they are not the usual ones
     * @param ?list<string>         $statusAxes letters in the order of its status line; null where it reports that itself, or nobody knows
     * @param string                $home       homes every axis
     * @param string                $wait       is answered when all motion has ended
     * @param ?list<string>         $trigger    lines that close the trigger line and open it again, with {s} or {ms} for how long; null for the usual ones
     */
    private function __construct(
        public array $letters = [],
        public ?array $statusAxes = null,
        public string $home = '$H',
        public string $wait = 'M400',
        private ?array $trigger = null,
    ) {
    }

    public static function usual(): self
    {
        return new self();
    }

    /** As the kit has it. */
    public static function of(RigWords $words): self
    {
        return new self(
            $words->letters(),
            $words->statusAxes(),
            $words->home === '' ? '$H' : $words->home,
            $words->wait === '' ? 'M400' : $words->wait,
            $words->trigger === '' ? null : array_map(trim(...), explode(';', $words->trigger)),
        );
    }

    /**
     * @param ?float $seconds for which the line is closed; null for just long enough to be noticed
     *
     * @return list<string>
     */
    public function triggerLines(?float $seconds): array
    {
        if ($this->trigger === null) {
            return [$seconds === null ? 'M240' : sprintf('M240 P%.1F', $seconds * 1000.0)];
        }
        $seconds ??= self::CLOSED_SECONDS;

        return array_map(static fn (string $line): string => strtr($line, [
            '{s}' => sprintf('%.3F', $seconds), '{ms}' => sprintf('%.1F', $seconds * 1000.0),
        ]), $this->trigger);
    }
}
