<?php

declare(strict_types=1);

namespace Evrent\Devices\Running;

use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Text;
use Evrent\Core\Run\Take\LogKind;
use Evrent\Core\Run\Take\LogLine;
use Evrent\Core\Run\Take\Order;
use Evrent\Core\Run\Take\TakeState;
use Evrent\Devices\Links\RigStatus;

/**
 * The log of one cell of a test grid. It is kept no longer than the cell is shot: one that was interrupted is shot anew.
 */
final class CellStore implements TakeStore
{
    /** @var array<int, string> the file that each photo became, by photo */
    public array $files = [];

    /** @var list<Text|string> what was amiss, each once */
    public array $alarms = [];

    public function __construct(private readonly GridStore $grid)
    {
    }

    public function append(LogLine $line, int $number): Appended
    {
        $object = $line->text('object');
        if ($line->photo !== null && $object !== null) {
            $this->files[$line->photo] = $object;
        }
        $says = $line->kind === LogKind::Alarm ? $line->words('says') : null;
        if ($says !== null && !in_array(Message::forLog($says), array_map(Message::forLog(...), $this->alarms), true)) {
            $this->alarms[] = $says;
        }

        return Appended::Stored;
    }

    public function prove(): void
    {
    }

    public function unprovenSeconds(): float
    {
        return 0.0;
    }

    public function lines(): iterable
    {
        return [];
    }

    public function orders(): array
    {
        return $this->grid->isStopped() ? [[Order::Abort, []]] : [];
    }

    public function picture(int $photo, string $jpeg): void
    {
    }

    public function beat(TakeState $state, float $now, ?RigStatus $rig): void
    {
        $this->grid->photos($state->taken);
    }
}
