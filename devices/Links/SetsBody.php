<?php

declare(strict_types=1);

namespace Evrent\Devices\Links;

use Evrent\Core\Run\Body\BodySetting;
use Evrent\Core\Run\Body\Choice;
use Evrent\Core\Run\Body\Choices;

/**
 * A camera whose exposure and white balance can be set from here.
 */
interface SetsBody
{
    /**
     * @return ?Choices what it can be set to; null where it does not have it, lists nothing, or lets nobody set it
     *
     * @throws DeviceGone
     */
    public function choices(BodySetting $setting): ?Choices;

    /**
     * Sets it, and reads it back.
     *
     * @return Choice what it is set to now, whatever was asked
     *
     * @throws DeviceGone
     * @throws DeviceRefused
     */
    public function set(BodySetting $setting, Choice $choice): Choice;

    /**
     * @return ?Choice what it is set to; null where it does not tell
     *
     * @throws DeviceGone
     */
    public function isSetTo(BodySetting $setting): ?Choice;
}
