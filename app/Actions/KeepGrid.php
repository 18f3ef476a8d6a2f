<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\TestGrid;
use App\Models\TestGridCell;
use App\Status\CheckStatus;
use Carbon\CarbonInterface;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Text;
use Evrent\Devices\Running\GridStore;

/**
 * Keeps the cells of a test grid as they are shot. One that a dead worker left half-way is shot anew.
 */
final class KeepGrid implements GridStore
{
    private const LOOK_MILLISECONDS = 300;

    private CarbonInterface $looksAt;
    private bool $isStopped = false;

    public function __construct(private readonly TestGrid $grid)
    {
        $this->looksAt = now();
    }

    public function begins(string $cell): void
    {
        $this->grid->forceFill(['cell' => $cell, 'taken' => 0, 'beat_at' => now()])->save();
    }

    public function photos(int $taken): void
    {
        $this->grid->forceFill(['taken' => $taken, 'beat_at' => now()])->save();
    }

    public function shot(string $cell, string $film, string $still, Text|string $says): void
    {
        $this->keep($cell, ['film' => base64_encode($film), 'still' => base64_encode($still), 'says' => Message::toStore($says)]);
    }

    public function skipped(string $cell, Text|string $why): void
    {
        $this->keep($cell, ['film' => null, 'still' => null, 'says' => Message::toStore($why)]);
    }

    public function isStopped(): bool
    {
        if (!now()->lt($this->looksAt)) {
            $this->looksAt = now()->addMilliseconds(self::LOOK_MILLISECONDS);
            TestGrid::query()->whereKey($this->grid->id)->update(['beat_at' => now()]);
            $this->isStopped = TestGrid::query()->whereKey($this->grid->id)->value('is_stopped') !== false;
        }

        return $this->isStopped;
    }

    public function is(CheckStatus $status, Text|string $says = ''): void
    {
        $this->grid->forceFill([
            'status' => $status, 'says' => Message::toStore($says), 'cell' => '', 'beat_at' => now(),
        ])->save();
    }

    /** @param array<string, ?string> $fields */
    private function keep(string $cell, array $fields): void
    {
        TestGridCell::query()->updateOrCreate(['test_grid_id' => $this->grid->id, 'cell' => $cell], $fields);
        $this->grid->forceFill(['cell' => '', 'taken' => 0, 'beat_at' => now()])->save();
    }
}
