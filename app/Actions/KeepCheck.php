<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\DeviceCheck;
use App\Status\CheckStatus;
use Carbon\CarbonInterface;
use Evrent\Core\Messages\Text;
use Evrent\Core\Run\Preflight;
use Evrent\Devices\Running\CheckStopped;
use Evrent\Devices\Running\CheckStore;
use Illuminate\Support\Facades\DB;

/**
 * Keeps what devices say before a shot: what is as planned is ticked by them, and what is not is ticked no more.
 */
final class KeepCheck implements CheckStore
{
    private const BEAT_MILLISECONDS = 300;

    private CarbonInterface $beatsAt;

    public function __construct(private readonly DeviceCheck $check)
    {
        $this->beatsAt = now();
    }

    public function say(Text|string $sentence): void
    {
        $this->check->forceFill(['said' => [...$this->check->said, $sentence], 'beat_at' => now()])->save();
    }

    public function found(string $item, ?bool $isWell, Text|string $says): void
    {
        $this->check->forceFill(['found' => [...$this->check->found, $item => ['isWell' => $isWell, 'says' => $says]], 'beat_at' => now()])->save();
        if ($isWell !== null && Preflight::tryFrom($item) !== null) {
            $ticks = DB::table('preflight_ticks')->where('shot_id', $this->check->shot_id)->where('item', $item);
            if ($isWell) {
                DB::table('preflight_ticks')->insertOrIgnore([
                    'shot_id' => $this->check->shot_id, 'item' => $item, 'ticked_at' => now(), 'is_by_devices' => true,
                ]);
            } else {
                $ticks->delete();
            }
        }
    }

    public function picture(string $name, int $place, string $file, ?string $jpeg): void
    {
        $picture = ['name' => $name, 'photo' => $place, 'file' => $file, 'jpeg' => $jpeg === null ? null : base64_encode($jpeg)];
        $this->check->forceFill(['pictures' => [...$this->check->pictures, $picture], 'beat_at' => now()])->save();
    }

    public function is(CheckStatus $status): void
    {
        $this->check->forceFill(['status' => $status, 'beat_at' => now()])->save();
    }

    /**
     * Called again and again while something takes its time.
     *
     * @throws CheckStopped
     */
    public function goOn(): void
    {
        if (now()->lt($this->beatsAt)) {
            return;
        }
        $this->beatsAt = now()->addMilliseconds(self::BEAT_MILLISECONDS);
        DeviceCheck::query()->whereKey($this->check->id)->update(['beat_at' => now()]);
        if (DeviceCheck::query()->whereKey($this->check->id)->value('is_stopped') === true) {
            throw new CheckStopped();
        }
    }
}
