<?php

declare(strict_types=1);

namespace App\Actions;

use App\Devices\RigLock;
use App\Exceptions\TakenOver;
use App\Models\Take;
use App\Models\TakeLine;
use App\Models\TakeOrder;
use App\Models\TakePicture;
use Evrent\Core\Run\Take\LogKind;
use Evrent\Core\Run\Take\LogLine;
use Evrent\Core\Run\Take\Order;
use Evrent\Core\Run\Take\TakeFigures;
use Evrent\Core\Run\Take\TakeState;
use Evrent\Devices\Links\RigStatus;
use Evrent\Devices\Running\TakeStore;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use PDOException;

/**
 * Keeps the log of a take as rows, while a worker holds its rig: each is in the database before the next thing is done. Where the database is away,
 * the take waits for it; where another worker has the rig by then, this one lets go.
 */
final class RecordTake implements TakeStore
{
    private const RETRY_MICROSECONDS = 200_000;

    private int $lastOrder = 0;

    private function __construct(private readonly Take $take)
    {
    }

    /** @return ?self null when another worker has its rig */
    public static function holding(Take $take): ?self
    {
        return RigLock::take(self::rigOf($take)) ? new self($take) : null;
    }

    public function letGo(): void
    {
        RigLock::letGo(self::rigOf($this->take));
    }

    /** The log begins. */
    public function begin(): void
    {
        if ($this->take->begun_at === null) {
            $this->take->forceFill(['begun_at' => now()])->save();
        }
    }

    public function append(LogLine $line, int $number): void
    {
        $this->patiently(function () use ($line, $number): void {
            // The same line twice, where the first answer was lost on its way, is one.
            TakeLine::query()->insertOrIgnore([
                'take_id' => $this->take->id, 'number' => $number, 'seconds' => $line->seconds, 'kind' => $line->kind->value, 'photo' => $line->photo,
                'more' => json_encode((object) $line->more, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION),
            ]);
            if ($line->kind === LogKind::Ended) {
                Take::query()->whereKey($this->take->id)->update(['status' => 'ended', 'ending' => $line->text('how'), 'ended_at' => now()]);
            }
        });
    }

    /** A word on a take that is over. */
    public function add(LogLine $line): void
    {
        DB::insert('insert into take_lines (take_id, number, seconds, kind, photo, more)
            select ?, coalesce(max(number), 0) + 1, ?, ?, ?, ?::jsonb from take_lines where take_id = ?', [
            $this->take->id, $line->seconds, $line->kind->value, $line->photo, json_encode((object) $line->more, JSON_THROW_ON_ERROR), $this->take->id,
        ]);
    }

    public function lines(): iterable
    {
        foreach (TakeLine::query()->where('take_id', $this->take->id)->orderBy('number')->cursor() as $line) {
            $this->lastOrder = max($this->lastOrder, is_int($line->more['number'] ?? null) ? $line->more['number'] : 0);
            yield $line->read();
        }
    }

    public function orders(): array
    {
        $orders = [];
        try {
            foreach (TakeOrder::query()->where('take_id', $this->take->id)->where('id', '>', $this->lastOrder)->orderBy('id')->get() as $given) {
                $this->lastOrder = $given->id;
                $order = Order::tryFrom($given->said);
                if ($order !== null) {
                    $orders[] = [$order, [...$given->more, 'number' => $given->id]];
                }
            }
        } catch (QueryException | PDOException) {
            // What was said is still there when the database is.
        }

        return $orders;
    }

    public function picture(int $photo, string $jpeg): void
    {
        try {
            TakePicture::query()->upsert([['take_id' => $this->take->id, 'photo' => $photo, 'jpeg' => base64_encode($jpeg)]], ['take_id']);
        } catch (QueryException | PDOException) {
            // The next one is shown.
        }
    }

    public function beat(TakeState $state, float $now, ?RigStatus $rig): void
    {
        try {
            Take::query()->whereKey($this->take->id)->where('status', '!=', 'ended')->update([
                'beat_at' => now(),
                'status' => $state->status->value,
                'now' => json_encode(
                    [...TakeFigures::of($state, $now)->toArray(), 'rig' => $rig === null ? null : get_object_vars($rig)],
                    JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION,
                ),
            ]);
        } catch (QueryException | PDOException) {
            // Nothing hangs on it.
        }
    }

    /**
     * @param callable(): void $work
     */
    private function patiently(callable $work): void
    {
        while (true) {
            try {
                $work();

                return;
            } catch (QueryException | PDOException) {
                usleep(self::RETRY_MICROSECONDS);
                $this->comeBack();
            }
        }
    }

    /** With the connection the lock went: it is taken again, or somebody else has it. */
    private function comeBack(): void
    {
        try {
            DB::reconnect();
            if (!RigLock::take(self::rigOf($this->take))) {
                throw new TakenOver();
            }
        } catch (QueryException | PDOException) {
            // Still away.
        }
    }

    private static function rigOf(Take $take): string
    {
        return $take->rig_address ?? "take {$take->id}";
    }
}
