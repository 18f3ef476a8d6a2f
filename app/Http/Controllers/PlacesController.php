<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Places\WorldPlaces;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

final class PlacesController
{
    /** Places whose names begin with what was typed, to be chosen for a shoot. */
    public function index(Request $request, WorldPlaces $places): View
    {
        $asked = $request->string('q')->trim()->toString();

        return view('shoots.parts.places', ['places' => $places->find($asked), 'asked' => $asked]);
    }
}
