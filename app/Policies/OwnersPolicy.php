<?php

declare(strict_types=1);

namespace App\Policies;

use Illuminate\Contracts\Auth\Authenticatable;
use Illuminate\Database\Eloquent\Model;

/**
 * Who may do what with shoots, shots, presets and kit. There are no accounts: what reaches this program comes from the machine it runs on
 * (OnlyOurNames and OnlyFromHere see to that), and whoever sits there owns all of it.
 */
final class OwnersPolicy
{
    public function viewAny(?Authenticatable $who): bool
    {
        return true;
    }

    public function view(?Authenticatable $who, Model $what): bool
    {
        return true;
    }

    public function create(?Authenticatable $who): bool
    {
        return true;
    }

    public function update(?Authenticatable $who, Model $what): bool
    {
        return true;
    }

    public function delete(?Authenticatable $who, Model $what): bool
    {
        return true;
    }

    public function restore(?Authenticatable $who, Model $what): bool
    {
        return true;
    }
}
