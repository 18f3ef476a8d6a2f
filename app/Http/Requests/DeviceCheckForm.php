<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;
use Evrent\Devices\Running\CheckKind;
use Evrent\Words\Words;

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
        return CheckKind::tryFrom($this->text('what')) ?? throw new InvalidInput([new Problem('/rig', Words::of('app.check_form.choose'))]);
    }
}
