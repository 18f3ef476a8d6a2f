<?php

declare(strict_types=1);

namespace App\Actions;

use App\Devices\Simulated;
use App\Models\Shot;
use App\Models\Take;
use Evrent\Core\Format\TakeLogLines;
use Evrent\Core\Kit\RigWords;
use Evrent\Core\Messages\Message;
use Evrent\Core\Run\Take\GapSchool;
use Evrent\Core\Run\Take\Setting;
use Evrent\Core\Run\Take\WhenOut;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;
use Evrent\Devices\Links\CameraLinks;
use Evrent\Devices\Links\DeviceAddress;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Facades\DB;

/**
 * Starts a take of a shot as it stands now: a worker sees it and carries it out. What was ticked before goes with it.
 */
final class StartTake
{
    /**
     * @param ?array{string, RigWords} $rig where it is reached and how it speaks; null for a camera on legs alone
     * @param string  $camera   where it is reached; empty for the trigger line alone
     * @param float   $speed    at which simulated devices run their world
     * @param float   $delay    seconds until the first photo
     * @param string  $reason   why, where the plan falls short
     * @param bool    $fallsShort
     *
     * @throws InvalidInput
     */
    public function __invoke(
        Shot $shot,
        ?array $rig,
        string $camera,
        float $delay,
        GapSchool $school,
        ?float $restSeconds,
        string $reason,
        bool $fallsShort,
        WhenOut $whenOut = WhenOut::Wait,
        float $speed = 1.0,
    ): Take {
        [$rig, $words] = $rig ?? [null, new RigWords()];
        if ($fallsShort && trim($reason) === '') {
            throw new InvalidInput([new Problem('/reason', new Message('app.start_take.reason'))]);
        }
        $plan = $shot->currentRevision()->toPlan();
        $isOwnTimer = $plan->trigger->isCamera();
        if (CameraLinks::isOwnTimer($camera) && !$isOwnTimer) {
            $says = new Message('app.start_take.own_timer');
            throw new InvalidInput([new Problem('/camera', $says)]);
        }
        $tells = CameraLinks::at(Simulated::camera($camera))->tells();
        if ($rig === null && !$tells && !$isOwnTimer) {
            throw new InvalidInput([new Problem('/rig', new Message('app.start_take.needs_rig'))]);
        }
        $setting = new Setting($rig !== null && $plan->rig->axes !== [], $tells, $school, $delay, $restSeconds, $isOwnTimer, $whenOut);

        $keys = ['rig_key' => $rig === null ? null : DeviceAddress::ofRig($rig), 'camera_key' => DeviceAddress::ofCamera($camera)];
        $start = static function () use ($shot, $rig, $words, $camera, $setting, $reason, $keys, $speed): Take {
            // Two that start at once are one after the other: the second sees the first.
            Shot::query()->lockForUpdate()->findOrFail($shot->id);
            self::unlessRunning($shot, $keys);
            $ticks = DB::table('preflight_ticks')->where('shot_id', $shot->id)->orderBy('item')->get(['item', 'ticked_at', 'is_by_devices']);
            $take = Take::query()->create([
                'shot_id' => $shot->id,
                'plan_revision_id' => $shot->current_revision_id,
                'rig_address' => $rig,
                'camera_address' => $camera,
                ...$keys,
                'setting' => TakeLogLines::settingFields($setting),
                'rig_words' => (object) $words->texts(),
                'speed' => $speed,
                'preflight' => $ticks->map(static fn (object $tick): array => [
                    'item' => $tick->item, 'at' => $tick->ticked_at, 'by' => $tick->is_by_devices ? 'devices' : 'hand',
                ])->all(),
                'reason' => trim($reason) === '' ? null : mb_substr(trim($reason), 0, 300),
            ]);
            DB::table('preflight_ticks')->where('shot_id', $shot->id)->delete();

            return $take;
        };
        try {
            return DB::connection()->transaction($start);
        } catch (UniqueConstraintViolationException $taken) {
            // Another shot was started on them in the same moment, and was first.
            self::unlessRunning($shot, $keys);
            throw $taken;
        }
    }

    /**
     * @param array{rig_key: ?string, camera_key: ?string} $keys
     *
     * @throws InvalidInput
     */
    private static function unlessRunning(Shot $shot, array $keys): void
    {
        $running = Take::underWay()->where(static function ($query) use ($shot, $keys): void {
            $query->where('shot_id', $shot->id)->orWhere('rig_key', $keys['rig_key'] ?? '')->orWhere('camera_key', $keys['camera_key'] ?? '');
        })->orderBy('id')->first();
        if ($running === null) {
            return;
        }
        if ($running->shot_id === $shot->id) {
            throw new InvalidInput([new Problem('/rig', new Message('app.start_take.shot_running'))]);
        }
        $isRig = $keys['rig_key'] !== null && $running->rig_key === $keys['rig_key'];
        $says = new Message('app.start_take.other_running', ['title' => $running->revision->toPlan()->title]);
        throw new InvalidInput([new Problem($isRig ? '/rig' : '/camera', $says)]);
    }
}
