<?php

declare(strict_types=1);

namespace Evrent\Devices\Simulators\Rig;

/**
 * A simulated rig's controller as its server has it: given what came and what time it is, in simulated seconds, it says what goes out.
 */
interface Controller
{
    /** Somebody connected. */
    public function greet(): void;

    /** Takes what came, at a time not before any it was given. */
    public function receive(string $bytes, float $now): void;

    /** Lets time pass. */
    public function goOnTo(float $now): void;

    /** When something happens next without anybody asking; null when nothing does. */
    public function nextAt(): ?float;

    /** What goes out to the host, and is forgotten then. */
    public function takeSaid(): string;

    /** @return list<string> what goes out on the trigger line, and is forgotten then */
    public function takeTriggerSaid(): array;

    /** For how many simulated seconds the connection is down from now on; null when it is up. */
    public function cutSeconds(): ?float;

    /** Simulated seconds in a real one. */
    public function worldSpeed(): float;
}
