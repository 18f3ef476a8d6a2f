<?php

declare(strict_types=1);

namespace App\Actions;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Facades\DB;

/**
 * Brings back what was thrown away.
 */
final class BringBack
{
    /**
     * @return bool false where another of its name took its place meanwhile
     */
    public function __invoke(Model $what): bool
    {
        assert(method_exists($what, 'restore'));
        try {
            DB::connection()->transaction(static fn (): mixed => $what->restore());
        } catch (UniqueConstraintViolationException) {
            return false;
        }

        return true;
    }
}
