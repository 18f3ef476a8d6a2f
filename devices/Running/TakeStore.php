<?php

declare(strict_types=1);

namespace Evrent\Devices\Running;

use Evrent\Core\Run\Take\LogLine;
use Evrent\Core\Run\Take\Order;
use Evrent\Core\Run\Take\TakeState;
use Evrent\Devices\Links\RigStatus;

/**
 * Where a take's log is kept, and where its orders come from.
 */
interface TakeStore
{
    /**
     * Keeps a line for good before it says so. Asked again with the same line, it keeps one.
     *
     * @param int $number of the line in its log, from 1
     */
    public function append(LogLine $line, int $number): Appended;

    /**
     * Looks whether nobody else drives this take, and sees to it that nobody thinks its driver gone, where there is an answer.
     *
     * @throws HoldLost when somebody does
     */
    public function prove(): void;

    /** Real seconds since it was last known for certain that nobody else drives this take. */
    public function unprovenSeconds(): float;

    /** @return iterable<LogLine> all that was kept, in its order */
    public function lines(): iterable;

    /**
     * What was ordered since it was last asked; each is given once. Asking proves the hold, where there is an answer.
     *
     * @return list<array{Order, array<string, mixed>}> the order, and what else the log is to tell of it
     *
     * @throws HoldLost
     */
    public function orders(): array;

    /** Keeps the small picture of the latest photo, for whoever looks on: nothing hangs on it. */
    public function picture(int $photo, string $jpeg): void;

    /** Says where the take stands, from time to time: nothing hangs on it. */
    public function beat(TakeState $state, float $now, ?RigStatus $rig): void;
}
