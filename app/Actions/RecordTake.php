<?php

declare(strict_types=1);

namespace App\Actions;

use App\Devices\InHand;
use App\Devices\Simulated;
use App\Models\Take;
use App\Models\TakeLine;
use App\Models\TakePicture;
use Evrent\Core\Messages\Message;
use Evrent\Core\Run\Take\LogKind;
use Evrent\Core\Run\Take\LogLine;
use Evrent\Core\Run\Take\Order;
use Evrent\Core\Run\Take\Status;
use Evrent\Core\Run\Take\TakeFigures;
use Evrent\Core\Run\Take\TakeState;
use Evrent\Devices\Links\RigStatus;
use Evrent\Devices\Running\Appended;
use Evrent\Devices\Running\DeviceLocks;
use Evrent\Devices\Running\HoldLost;
use Evrent\Devices\Running\Proof;
use Evrent\Devices\Running\RunClock;
use Evrent\Devices\Running\TakeStore;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use PDOException;

/**
 * Keeps the log of a take as rows, while a worker drives it. Who drives it has a token, a number that rises with each: a line is stored under the
 * current one alone, in one statement, so it does not matter how often the connection was lost and made anew meanwhile.
 */
final class RecordTake implements TakeStore
{
    /** A driver on another machine that was not heard of for so long is gone. One on this machine is known by its lock. */
    private const GONE_SECONDS = 15;

    private int $lastOrder = 0;
    private function __construct(private readonly Take $take, private readonly int $token, private readonly DeviceLocks $locks, private readonly Proof $proof)
    {
    }

    /** @return ?self null when somebody else has its rig or its camera, or drives it from another machine */
    public static function holding(Take $take): ?self
    {
        $locks = app(InHand::class)->locks(Simulated::rig($take->rig_address), Simulated::camera($take->camera_address));
        if ($locks === null) {
            return null;
        }
        $asked = Proof::machineSeconds();
        try {
            /** @var list<object{token: int}> $given */
            $given = DB::select(
                "update takes set token = nextval('take_tokens'), driven_from = ?, beat_at = now(), waits_for = ''
                where id = ? and (driven_from is null or driven_from = ? or beat_at is null or beat_at < now() - make_interval(secs => ?)) returning token",
                [php_uname('n'), $take->id, php_uname('n'), self::GONE_SECONDS],
            );
        } catch (QueryException | PDOException $away) {
            $locks->letGo();
            throw $away;
        }
        if ($given === []) {
            $locks->letGo();

            return null;
        }

        return new self($take, $given[0]->token, $locks, new Proof($asked));
    }

    public function letGo(): void
    {
        $this->locks->letGo();
    }

    /** The log begins. */
    public function begin(): void
    {
        if ($this->take->begun_at === null) {
            $this->take->forceFill(['begun_at' => now(), 'begun_mark' => RunClock::mark()])->save();
        }
    }

    public function append(LogLine $line, int $number): Appended
    {
        $asked = $this->proof->now();
        try {
            // The end is two changes; any other line is one, and needs no way there and back to say so.
            $became = $line->kind === LogKind::Ended
                ? DB::connection()->transaction(fn (): Appended => $this->keep($line, $number))
                : $this->keep($line, $number);
        } catch (QueryException | PDOException) {
            return Appended::Away;
        }
        if ($became !== Appended::Refused) {
            $this->proof->proven($asked);
        }

        return $became;
    }

    public function prove(): void
    {
        $asked = $this->proof->now();
        try {
            $isStill = Take::query()->whereKey($this->take->id)->where('token', $this->token)->update(['beat_at' => now()]) === 1;
        } catch (QueryException | PDOException) {
            return;
        }
        if (!$isStill) {
            throw new HoldLost();
        }
        $this->proof->heard($asked);
        $this->proof->proven($asked);
    }

    public function unprovenSeconds(): float
    {
        return $this->proof->seconds();
    }

    private function keep(LogLine $line, int $number): Appended
    {
        $values = [$line->seconds, $line->kind->value, $line->photo, json_encode((object) $line->more, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION)];
        // The take's row is held until the line is there: a token that is given out meanwhile waits for it.
        $stored = DB::affectingStatement(
            'with driven as (select id from takes where id = ? and token = ? for share)
            insert into take_lines (take_id, number, token, seconds, kind, photo, more)
            select id, ?, ?, ?::double precision, ?, ?::integer, ?::jsonb from driven on conflict (take_id, number) do nothing',
            [$this->take->id, $this->token, $number, $this->token, ...$values],
        );
        if ($stored === 0 && !$this->isThere($number, $values)) {
            return Appended::Refused;
        }
        if ($line->kind === LogKind::Ended) {
            Take::query()->whereKey($this->take->id)->where('token', $this->token)
                ->update(['status' => Status::Ended, 'ending' => $line->text('how'), 'ended_at' => now(), 'waits_for' => '']);
        }

        return $stored === 0 ? Appended::StoredBefore : Appended::Stored;
    }

    /**
     * @param list<mixed> $values
     */
    private function isThere(int $number, array $values): bool
    {
        return DB::select(
            'select 1 from take_lines join takes on takes.id = take_id
                where take_id = ? and number = ? and take_lines.token = ? and takes.token = take_lines.token
                and seconds = ?::double precision and kind = ? and photo is not distinct from ?::integer and more = ?::jsonb',
            [$this->take->id, $number, $this->token, ...$values],
        ) !== [];
    }

    /** A word on a take that is over, where nobody drives it any more. */
    public static function add(Take $take, LogLine $line): void
    {
        DB::connection()->transaction(static function () use ($take, $line): void {
            Take::query()->lockForUpdate()->findOrFail($take->id);
            DB::insert('insert into take_lines (take_id, number, seconds, kind, photo, more)
                select ?, coalesce(max(number), 0) + 1, ?, ?, ?, ?::jsonb from take_lines where take_id = ?', [
                $take->id, $line->seconds, $line->kind->value, $line->photo, json_encode((object) $line->more, JSON_THROW_ON_ERROR), $take->id,
            ]);
        });
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
        $asked = $this->proof->now();
        try {
            /** @var list<object{token: int, id: ?int, said: ?string, more: ?string}> $rows */
            $rows = DB::select('select takes.token, take_orders.id, said, more from takes left join take_orders on take_id = takes.id and take_orders.id > ?
                where takes.id = ? order by take_orders.id', [$this->lastOrder, $this->take->id]);
        } catch (QueryException | PDOException) {
            // What was said is still there when the database is.
            return [];
        }
        if (($rows[0]->token ?? 0) !== $this->token) {
            throw new HoldLost();
        }
        $this->proof->proven($asked);
        foreach ($rows as $given) {
            $order = Order::tryFrom($given->said ?? '');
            $this->lastOrder = $given->id ?? $this->lastOrder;
            if ($order !== null) {
                /** @var array<string, mixed> $more */
                $more = json_decode($given->more ?? '{}', true, Message::DEPTH, JSON_THROW_ON_ERROR);
                $orders[] = [$order, [...$more, 'number' => $given->id]];
            }
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
        $asked = $this->proof->now();
        try {
            $isStill = Take::query()->whereKey($this->take->id)->where('token', $this->token)->where('status', '!=', Status::Ended)->update([
                'beat_at' => now(),
                'waits_for' => '',
                'status' => $state->status,
                'now' => json_encode(
                    [...TakeFigures::of($state, $now)->toArray(), 'rig' => $rig === null ? null : get_object_vars($rig)],
                    JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION,
                ),
            ]);
            if ($isStill === 1) {
                $this->proof->heard($asked);
            }
        } catch (QueryException | PDOException) {
            // What hangs on it is asked for once more before anything moves.
        }
    }
}
