<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Shot;
use Evrent\Core\Kit\RigWords;

/**
 * One of the takes that are started together.
 */
final readonly class StartOfOne
{
    /**
     * @param ?array{string, RigWords} $rig    where it is reached and how it speaks; null for a camera on legs alone
     * @param string                   $camera where it is reached; empty for the trigger line alone
     */
    public function __construct(public Shot $shot, public ?array $rig, public string $camera, public float $delaySeconds)
    {
    }
}
