<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Take;

/**
 * What the shooter says of a take afterwards.
 */
final class DescribeTake
{
    public function __invoke(Take $take, string $notes, ?int $rating): void
    {
        $take->forceFill(['notes' => mb_substr($notes, 0, 4_000), 'rating' => $rating])->save();
    }
}
