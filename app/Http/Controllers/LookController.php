<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Middleware\ReadLook;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cookie;

final class LookController
{
    private const A_YEAR_IN_MINUTES = 525_600;

    public function update(Request $request): RedirectResponse
    {
        $look = $request->input('look');
        $chosen = is_string($look) && in_array($look, ReadLook::LOOKS, true) ? $look : ReadLook::LOOKS[0];

        return redirect()->back()->withCookie(Cookie::make(ReadLook::COOKIE, $chosen, self::A_YEAR_IN_MINUTES));
    }
}
