<?php

declare(strict_types=1);

namespace App\Actions;

use App\Devices\InHand;
use App\Devices\Simulated;
use App\Models\Take;
use Evrent\Core\Run\Take\Ending;
use Evrent\Core\Run\Take\LogKind;
use Evrent\Core\Run\Take\LogLine;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;
use Evrent\Core\Words\PlainText;
use Evrent\Devices\Links\DeviceGone;
use Evrent\Devices\Links\DeviceRefused;
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
            return 'There is no rig in this take. The camera takes photos again as soon as it goes on.';
        }
        $locks = app(InHand::class)->locks($address, '')
            ?? throw new InvalidInput([new Problem('/rig', 'Something else on this machine uses this rig. End that first.')]);
        $rig = $take->rigFor($take->revision->toPlan());
        assert($rig !== null);
        try {
            $rig->connect();
            $status = $rig->status();
        } catch (DeviceGone | DeviceRefused $wrong) {
            throw new InvalidInput([new Problem('/rig', $wrong->getMessage())]);
        } finally {
            $rig->disconnect();
            $locks->letGo();
        }
        $stands = array_map(
            static fn (string $axis, float $position): string => "{$axis} " . PlainText::rounded($position),
            array_keys($status->positions),
            $status->positions,
        );

        return $status->knowsItsPlace()
            ? 'The rig stands at ' . implode(', ', $stands) . '. It drives to its next photo as soon as the take goes on: keep clear of it.'
            : 'The rig does not know where it stands. It homes, and drives to its next photo, as soon as the take goes on: keep clear of it.';
    }

    /** @throws InvalidInput by /rig, where its rig or its camera is in another take by now */
    public function goOn(Take $take): void
    {
        try {
            DB::connection()->transaction(static function () use ($take): void {
                Take::query()->whereKey($take->id)->where('status', Take::INTERRUPTED)->update(['status' => 'prepared', 'beat_at' => null]);
            });
        } catch (UniqueConstraintViolationException) {
            throw new InvalidInput([new Problem('/rig', 'Its rig or its camera is in another take by now. End that first.')]);
        }
    }

    public function end(Take $take): void
    {
        DB::connection()->transaction(static function () use ($take): void {
            $isEnded = Take::query()->whereKey($take->id)->where('status', Take::INTERRUPTED)
                ->update(['status' => 'ended', 'ending' => Ending::Aborted->value, 'ended_at' => now()]);
            if ($isEnded === 1) {
                $why = 'A backup was restored while it was under way.';
                RecordTake::add($take, new LogLine(LogKind::Ended, $take->lastSeconds(), null, ['how' => Ending::Aborted->value, 'why' => $why]));
            }
        });
    }
}
