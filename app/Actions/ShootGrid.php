<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Shot;
use App\Models\Take;
use App\Models\TestGrid;
use App\Models\Trial;
use App\Status\CheckStatus;
use Evrent\Core\Kit\RigWords;
use Evrent\Core\Messages\Message;
use Evrent\Core\Presets\CellPlan;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;
use Evrent\Devices\Links\DeviceAddress;
use Illuminate\Support\Facades\DB;

/**
 * Has a worker shoot a test grid over the move of a shot, or ends that.
 */
final class ShootGrid
{
    /**
     * @param ?array{string, RigWords} $rig    where it is reached and how it speaks; null for a camera on legs alone
     * @param string                   $camera where it is reached
     *
     * @throws InvalidInput by the fields /shot, /rig and /camera
     */
    public function __invoke(Trial $trial, Shot $shot, ?array $rig, string $camera, float $speed): TestGrid
    {
        [$address, $words] = $rig ?? [null, new RigWords()];
        $plan = $shot->currentRevision()->toPlan();
        CellPlan::of($plan, $trial->matrix(), $trial->matrix()->cells()[0]);
        if ($address === null && $plan->rig->axes !== []) {
            throw new InvalidInput([new Problem('/rig', new Message('app.shoot_grid.no_rig'))]);
        }
        if ($camera === '') {
            $says = new Message('app.shoot_grid.cable_only');
            throw new InvalidInput([new Problem('/camera', $says)]);
        }

        return DB::connection()->transaction(static function () use ($trial, $shot, $address, $words, $camera, $speed): TestGrid {
            Trial::query()->lockForUpdate()->findOrFail($trial->id);
            foreach (['rig' => DeviceAddress::ofRig($address ?? ''), 'camera' => DeviceAddress::ofCamera($camera)] as $field => $key) {
                if ($key !== null && Take::underWay()->where("{$field}_key", $key)->exists()) {
                    throw new InvalidInput([new Problem("/{$field}", new Message("app.check_devices.{$field}_taken"))]);
                }
            }

            return TestGrid::underWay()->where('trial_id', $trial->id)->first() ?? TestGrid::query()->create([
                'trial_id' => $trial->id, 'shot_id' => $shot->id, 'plan_revision_id' => $shot->current_revision_id, 'rig_address' => $address,
                'rig_words' => (object) $words->texts(), 'camera_address' => $camera, 'speed' => $speed,
            ]);
        });
    }

    public function stop(TestGrid $grid): void
    {
        TestGrid::query()->whereKey($grid->id)->update(['is_stopped' => true]);
        TestGrid::query()->whereKey($grid->id)->where('status', CheckStatus::Waiting)->update(['status' => CheckStatus::Stopped]);
    }
}
