<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Shoot;
use App\Models\Shot;
use App\Pages\FileNames;
use App\Pages\ShotCards;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Response;

/**
 * Cards to take along, on paper and as a file for a phone without a network.
 */
final class CardController
{
    public function shoot(Shoot $shoot): View
    {
        return view('cards.show', ['page' => new ShotCards($shoot)]);
    }

    public function shot(Shot $shot): View
    {
        return view('cards.show', ['page' => new ShotCards($shot->shoot, $shot)]);
    }

    public function shootFile(Shoot $shoot): Response
    {
        return $this->file(new ShotCards($shoot), $shoot->name);
    }

    public function shotFile(Shot $shot): Response
    {
        return $this->file(new ShotCards($shot->shoot, $shot), $shot->title());
    }

    private function file(ShotCards $page, string $name): Response
    {
        return response()->view('cards.file', ['page' => $page], 200, [
            'Content-Disposition' => 'attachment; filename="' . FileNames::safe($name, 'cards.html') . '"',
        ]);
    }
}
