<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Shot;
use App\Pages\ShotPage;
use Evrent\Core\Shot\NightOfShot;
use Illuminate\Http\JsonResponse;

/**
 * The night sky of a shot, for the finder: asked for when some of its photos are taken in the dark.
 */
final class NightController
{
    public function show(Shot $shot): JsonResponse
    {
        $night = NightOfShot::of(ShotPage::of($shot)->worked->shot);

        return response()->json($night?->drawn(), headers: ['Cache-Control' => 'no-store']);
    }
}
