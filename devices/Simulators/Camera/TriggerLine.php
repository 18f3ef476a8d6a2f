<?php

declare(strict_types=1);

namespace Evrent\Devices\Simulators\Camera;

use Evrent\Devices\Simulators\Clock;

/**
 * What comes on the simulated trigger line: "1" closes it, "0" opens it. A simulated rig also tells where it stands (X, C and A), for how
 * long the line was closed (P), when a motion begins ("m", its seconds, and where it leads), how fast its world runs from now on ("w"), and when all
 * that was on its own clock (T) and on the machine's monotonic clock (N).
 */
final class TriggerLine
{
    /** What its clock is behind this one by, as far as is known: the message that was on its way for the shortest time tells. */
    private float $behind = INF;
    private float $worldSpeed = 0.0;

    /** Longer ago by the machine's clock, the rig runs on another machine: its clock says nothing here. */
    private const MOST_SECONDS = 60.0;

    /** @param ?Clock $clock of the camera; null where lines are obeyed in virtual time */
    public function __construct(private readonly SimulatedCamera $camera, private readonly ?Clock $clock = null)
    {
    }

    public function obey(string $line, float $now): void
    {
        $camera = $this->camera;
        $words = preg_split('/\s+/', trim($line));
        $what = $words === false ? '' : array_shift($words);
        $values = [];
        foreach ($words === false ? [] : $words as $word) {
            if (is_numeric(substr($word, 1)) && ctype_alpha($word[0])) {
                $values[$word[0]] = (float) substr($word, 1);
            } elseif (is_numeric($word)) {
                $values['s'] = (float) $word;
            }
        }
        if ($what === 'w') {
            $camera->runsAt((int) ($values['s'] ?? 1.0), $now);
            $this->behind = INF;

            return;
        }
        if ($camera->worldSpeed() !== $this->worldSpeed) {
            // Two clocks that change their speed are apart by something else than before.
            [$this->worldSpeed, $this->behind] = [$camera->worldSpeed(), INF];
        }
        // In a fast world a message is late by seconds when this process was busy: what counts is when it was sent.
        $ago = isset($values['N']) ? hrtime(true) / 1e9 - $values['N'] : -1.0;
        if ($this->clock !== null && $ago >= 0.0 && $ago < self::MOST_SECONDS) {
            $now = $this->clock->atMachineSeconds($values['N'] ?? 0.0);
        } elseif (isset($values['T'])) {
            $this->behind = min($this->behind, $now - $values['T']);
            $now = $values['T'] + $this->behind;
        }
        // What was under way saw the rig where it stood until now.
        $camera->goOnTo($now);
        $isPlaced = isset($values['X']) || isset($values['C']) || isset($values['A']);
        $place = new Pose($values['X'] ?? 0.0, $values['C'] ?? 0.0, $values['A'] ?? 0.0);
        if ($what === 'm') {
            $camera->rig->setsOut($place, $values['s'] ?? 0.0, $now);

            return;
        }
        if ($isPlaced) {
            $camera->rig->stands($place, $now);
        }
        match ($what) {
            '1' => $camera->press($now),
            '0' => $camera->release($now, $values['P'] ?? null),
            default => null,
        };
    }
}
