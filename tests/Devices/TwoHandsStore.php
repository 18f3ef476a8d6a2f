<?php

declare(strict_types=1);

namespace Tests\Devices;

use Evrent\Core\Run\Take\LogLine;
use Evrent\Core\Run\Take\TakeState;
use Evrent\Devices\Links\RigStatus;
use Evrent\Devices\Running\Appended;
use Evrent\Devices\Running\HoldLost;
use Evrent\Devices\Running\Proof;
use Evrent\Devices\Running\TakeStore;

/**
 * What a worker keeps its lines in: as the database does it, without one.
 */
final class TwoHandsStore implements TakeStore
{
    private readonly Proof $proof;

    public function __construct(private readonly TwoHands $world, private readonly int $who, private readonly int $token)
    {
        $this->proof = new Proof($world->now, static fn (): float => $world->now);
    }

    public function append(LogLine $line, int $number): Appended
    {
        $this->world->step($this->who);
        if ($this->world->isAway($this->who)) {
            return Appended::Away;
        }
        [$token, $there] = $this->world->lines[$number - 1] ?? [0, null];
        $became = match (true) {
            $this->token !== $this->world->token => Appended::Refused,
            $there === null => Appended::Stored,
            $token === $this->token && serialize($there) === serialize($line) => Appended::StoredBefore,
            default => Appended::Refused,
        };
        if ($became === Appended::Stored) {
            $this->world->lines[] = [$this->token, $line];
        }
        if ($became !== Appended::Refused) {
            $this->proof->proven($this->proof->now());
        }
        // The answer may be long on its way.
        $this->world->step($this->who);

        return $became;
    }

    public function lines(): iterable
    {
        return array_column($this->world->lines, 1);
    }

    public function orders(): array
    {
        $this->world->step($this->who);
        if (!$this->world->isAway($this->who)) {
            $this->unlessAnother();
            $this->proof->proven($this->proof->now());
        }
        $this->world->step($this->who);

        return [];
    }

    public function prove(): void
    {
        $this->world->step($this->who);
        if (!$this->world->isAway($this->who)) {
            $this->unlessAnother();
            $this->world->beat($this->who, $this->token);
            $this->proof->heard($this->proof->now());
            $this->proof->proven($this->proof->now());
        }
        $this->world->step($this->who);
    }

    private function unlessAnother(): void
    {
        if ($this->token !== $this->world->token) {
            throw new HoldLost();
        }
    }

    public function unprovenSeconds(): float
    {
        return $this->proof->seconds();
    }

    public function picture(int $photo, string $jpeg): void
    {
    }

    public function beat(TakeState $state, float $now, ?RigStatus $rig): void
    {
        if (!$this->world->isAway($this->who) && $this->world->beat($this->who, $this->token)) {
            $this->proof->heard($this->proof->now());
        }
    }
}
