<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Shoot;
use App\Models\Shot;
use App\Models\Trial;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;
use Evrent\Words\Words;

/**
 * A test shoot that is to be shot: over which shot's move, and on what.
 */
final class GridForm extends DevicesForm
{
    public function named(): string
    {
        return "grid.{$this->trial()->id}";
    }

    public function standsAt(): string
    {
        return route('trials.index', $this->route('shoot')) . "#trial-{$this->trial()->id}";
    }

    /** @throws InvalidInput */
    public function chosenShot(): Shot
    {
        $shoot = $this->route('shoot');
        assert($shoot instanceof Shoot);

        return $shoot->shots()->find((int) $this->text('shot')) ?? throw new InvalidInput([new Problem('/shot', Words::of('app.choose_shot'))]);
    }

    private function trial(): Trial
    {
        $trial = $this->route('trial');
        assert($trial instanceof Trial);

        return $trial;
    }
}
