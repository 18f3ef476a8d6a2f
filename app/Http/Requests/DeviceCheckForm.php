<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;
use Evrent\Devices\Running\CheckKind;

/**
 * The devices that are asked before a start: chosen in the same form as the start itself.
 */
final class DeviceCheckForm extends DevicesForm
{
    /**
     * @throws InvalidInput
     */
    public function what(): CheckKind
    {
        return CheckKind::tryFrom($this->text('what')) ?? throw new InvalidInput([new Problem('/rig', 'Choose what they are to be asked.')]);
    }
}
