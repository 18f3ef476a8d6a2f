<?php

declare(strict_types=1);

namespace Evrent\Devices\Links;

/**
 * A camera of which more can be set than its exposure.
 *
 * @throws DeviceGone
 */
interface SetsUp
{
    /** @return list<string> of core/Run/Before/Contradictions: what can be set from here */
    public function settable(): array;

    /** @throws DeviceRefused */
    public function focusManually(): void;

    /**
     * @param float $wallSeconds from 1970, in the wall time that it is to show
     *
     * @throws DeviceRefused
     */
    public function setClock(float $wallSeconds): void;
}
