<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Evrent\Core\Values\Problem;
use Evrent\Words\Words;

/**
 * Another name for a shot.
 */
final class TitleForm extends Form
{
    public function named(): string
    {
        return "rename.{$this->shot()->id}";
    }

    public function standsAt(): string
    {
        return $this->sentFrom(route('shoots.show', $this->shot()->shoot_id), $this->shot()->at('shots.show'));
    }

    protected function changedElsewhere(): Problem
    {
        return new Problem('/title', Words::of('app.title_form.elsewhere'));
    }
}
