<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Devices\InHand;
use App\Devices\Simulated;
use App\Models\KitItem;
use App\Models\Take;
use Evrent\Core\Kit\KitKind;
use Evrent\Core\Messages\Message;
use Evrent\Core\Motion\Rig;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;
use Evrent\Devices\Links\CameraLinks;
use Evrent\Devices\Links\DeviceAddress;
use Evrent\Devices\Links\DeviceGone;
use Evrent\Devices\Links\DeviceRefused;
use Evrent\Devices\Links\GcodeRig;
use Evrent\Devices\Links\Trial;
use Evrent\Devices\Protocol\Gcode\Dialect;
use Evrent\Words\Words;

/**
 * A device of the kit is tried: asked whether it is there, and, where that was ticked, moved or fired.
 */
final class TryDeviceForm extends Form
{
    public function named(): string
    {
        return "kit.{$this->item()->id}";
    }

    public function standsAt(): string
    {
        return route('kit.index') . "#item-{$this->item()->id}";
    }

    public function item(): KitItem
    {
        $item = $this->route('item');
        assert($item instanceof KitItem);

        return $item;
    }

    /**
     * @return list<Message> the result, in sentences
     *
     * @throws InvalidInput by the field /address
     */
    public function tried(): array
    {
        $piece = $this->item()->piece();
        $isRig = $piece->kind === KitKind::Rig;
        $key = ($isRig ? DeviceAddress::ofRig($piece->address) : DeviceAddress::ofCamera($piece->address)) ?? '';
        $isUsed = Take::underWay()->where($isRig ? 'rig_key' : 'camera_key', $key)->exists();
        if ($piece->address === '' || $isUsed) {
            $says = $isUsed ? Words::of('app.try_form.take') : Words::of('app.try_form.address');
            throw new InvalidInput([new Problem('/address', $says)]);
        }
        $address = $isRig ? (string) Simulated::rig($piece->address) : Simulated::camera($piece->address);
        $locks = app(InHand::class)->locks($isRig ? $address : null, $isRig ? '' : $address)
            ?? throw new InvalidInput([new Problem('/address', Words::of('app.try_form.busy'))]);
        try {
            return $isRig
                ? Trial::rig(new GcodeRig(new Rig($piece->axes()), $address, Dialect::of($piece->words)), $this->boolean('acts'))
                : Trial::camera(CameraLinks::at($address), $this->boolean('acts'));
        } catch (DeviceGone | DeviceRefused $wrong) {
            throw new InvalidInput([new Problem('/address', $wrong->says)]);
        } finally {
            $locks->letGo();
        }
    }
}
