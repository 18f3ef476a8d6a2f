<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Shoot;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;
use Evrent\Words\Words;

/**
 * Which shoot a shot is to go to.
 */
final class ShootChoiceForm extends Form
{
    public function named(): string
    {
        return "to-shoot.{$this->shot()->id}";
    }

    public function standsAt(): string
    {
        return $this->sentFrom(route('shoots.show', $this->shot()->shoot_id));
    }

    /**
     * @throws InvalidInput by /shoot_id
     */
    public function target(): Shoot
    {
        return Shoot::query()->find($this->integer('shoot_id'))
            ?? throw new InvalidInput([new Problem('/shoot_id', Words::of('app.shoot_choice.gone'))]);
    }
}
