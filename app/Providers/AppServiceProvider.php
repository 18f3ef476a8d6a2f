<?php

declare(strict_types=1);

namespace App\Providers;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\ServiceProvider;

final class AppServiceProvider extends ServiceProvider
{
    public function boot(): void
    {
        // A misspelt attribute or a forgotten relation is a defect, in the product as in the tests.
        Model::shouldBeStrict();
    }
}
