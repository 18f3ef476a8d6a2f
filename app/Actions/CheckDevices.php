<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\DeviceCheck;
use App\Models\Shot;
use App\Models\Take;
use App\Status\CheckStatus;
use Evrent\Core\Kit\RigWords;
use Evrent\Core\Messages\Message;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;
use Evrent\Devices\Links\DeviceAddress;
use Evrent\Devices\Running\CheckKind;
use Illuminate\Support\Facades\DB;

/**
 * Has a worker ask the devices of a shot, or ends that.
 */
final class CheckDevices
{
    /**
     * @param ?array{string, RigWords} $rig where it is reached and how it speaks; null for a camera on legs alone
     * @param string  $camera where it is reached; empty for the trigger line alone
     *
     * @throws InvalidInput
     */
    public function __invoke(Shot $shot, CheckKind $what, ?array $rig, string $camera): DeviceCheck
    {
        [$rig, $words] = $rig ?? [null, new RigWords()];
        if ($rig === null && ($what === CheckKind::Ends || $shot->currentRevision()->toPlan()->rig->axes !== [] && $what === CheckKind::Keyframes)) {
            throw new InvalidInput([new Problem('/rig', new Message('app.check_devices.no_rig'))]);
        }

        return DB::connection()->transaction(static function () use ($shot, $what, $rig, $words, $camera): DeviceCheck {
            Shot::query()->lockForUpdate()->findOrFail($shot->id);
            $running = static fn (string $key, string $is): bool => Take::underWay()->where($key, $is)->exists();
            if ($rig !== null && $running('rig_key', DeviceAddress::ofRig($rig))) {
                throw new InvalidInput([new Problem('/rig', new Message('app.check_devices.rig_taken'))]);
            }
            if ($running('camera_key', DeviceAddress::ofCamera($camera) ?? '')) {
                throw new InvalidInput([new Problem('/camera', new Message('app.check_devices.camera_taken'))]);
            }
            $running = DeviceCheck::query()->where('shot_id', $shot->id)->whereIn('status', CheckStatus::open())->first();

            return $running ?? DeviceCheck::query()->create([
                'shot_id' => $shot->id, 'plan_revision_id' => $shot->current_revision_id, 'what' => $what->value,
                'rig_address' => $rig, 'rig_words' => (object) $words->texts(),
                'camera_address' => $camera, 'status' => CheckStatus::Waiting, 'said' => [], 'found' => (object) [], 'pictures' => [],
            ]);
        });
    }

    public function stop(DeviceCheck $check): void
    {
        DeviceCheck::query()->whereKey($check->id)->update(['is_stopped' => true]);
        DeviceCheck::query()->whereKey($check->id)->where('status', CheckStatus::Waiting)->update(['status' => CheckStatus::Stopped]);
    }
}
