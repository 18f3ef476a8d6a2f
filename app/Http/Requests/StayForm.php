<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Pages\ShootPage;
use Evrent\Core\Values\Problem;
use Evrent\Words\Words;
use Illuminate\Contracts\View\View;

/**
 * A shot’s place in its day.
 */
final class StayForm extends Form
{
    public function named(): string
    {
        return "stay.{$this->shot()->id}";
    }

    public function standsAt(): string
    {
        return route('shoots.show', $this->shot()->shoot_id);
    }

    /**
     * @param array<string, string> $problems
     */
    public function refusedPart(array $problems): View
    {
        return view('shoots.parts.day', ['page' => new ShootPage($this->shot()->shoot), 'problems' => $problems]);
    }

    protected function changedElsewhere(): Problem
    {
        return new Problem('/start', Words::of('app.stay_form.elsewhere'));
    }
}
