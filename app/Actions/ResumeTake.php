<?php

declare(strict_types=1);

namespace App\Actions;

use App\Devices\InHand;
use App\Devices\Simulated;
use App\Models\Take;
use Evrent\Core\Messages\Joined;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Motion\Axis;
use Evrent\Core\Run\Take\Ending;
use Evrent\Core\Run\Take\LogKind;
use Evrent\Core\Run\Take\LogLine;
use Evrent\Core\Run\Take\Status;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;
use Evrent\Devices\Links\DeviceGone;
use Evrent\Devices\Links\DeviceRefused;
use Evrent\Words\Words;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Facades\DB;

/**
 * A take that a restored backup brought back moves nothing by itself: somebody looks at where the rig stands, and then says whether it goes on.
 */
final class ResumeTake
{
    /**
     * @return string where the rig stands, in words
     *
     * @throws InvalidInput by /rig, where it does not say
     */
    public function ask(Take $take): string
    {
        $address = Simulated::rig($take->rig_address);
        if ($address === null) {
            return Words::of('app.resume_take.no_rig');
        }
        $locks = app(InHand::class)->locks($address, '')
            ?? throw new InvalidInput([new Problem('/rig', new Message('app.resume_take.busy'))]);
        $rig = $take->rigFor($take->revision->toPlan());
        assert($rig !== null);
        try {
            $rig->connect();
            $status = $rig->status();
        } catch (DeviceGone | DeviceRefused $wrong) {
            throw new InvalidInput([new Problem('/rig', $wrong->says)]);
        } finally {
            $rig->disconnect();
            $locks->letGo();
        }
        $stands = array_map(
            static fn (string $axis, float $position): Message => new Message('units.words', [
                'first' => Axis::labelOf($axis), 'last' => Quantity::rounded($position),
            ]),
            array_keys($status->positions),
            $status->positions,
        );

        return $status->knowsItsPlace()
            ? Words::of('app.resume_take.stands', positions: Joined::of($stands, Joined::COMMA))
            : Words::of('app.resume_take.not_homed');
    }

    /** @throws InvalidInput by /rig, where its rig or its camera is in another take by now */
    public function goOn(Take $take): void
    {
        try {
            DB::connection()->transaction(static function () use ($take): void {
                Take::query()->whereKey($take->id)->where('status', Status::Interrupted)->update(['status' => Status::Prepared, 'beat_at' => null]);
            });
        } catch (UniqueConstraintViolationException) {
            throw new InvalidInput([new Problem('/rig', new Message('app.resume_take.elsewhere'))]);
        }
    }

    public function end(Take $take): void
    {
        DB::connection()->transaction(static function () use ($take): void {
            $isEnded = Take::query()->whereKey($take->id)->where('status', Status::Interrupted)
                ->update(['status' => Status::Ended, 'ending' => Ending::Aborted->value, 'ended_at' => now()]);
            if ($isEnded === 1) {
                $why = new Message('app.resume_take.restored');
                RecordTake::add($take, new LogLine(LogKind::Ended, $take->lastSeconds(), null, ['how' => Ending::Aborted->value, 'why' => $why]));
            }
        });
    }
}
