<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Take;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;
use Evrent\Words\Words;

/**
 * The folder that the photos of a shot are in, and the take that they are of.
 */
final class CardForm extends Form
{
    public function named(): string
    {
        return 'card';
    }

    public function standsAt(): string
    {
        return $this->shot()->at('photos.index');
    }

    /**
     * @return ?Take null where nobody said
     *
     * @throws InvalidInput
     */
    public function take(): ?Take
    {
        $id = $this->text('take');

        return $id === '' ? null : Take::query()->where('shot_id', $this->shot()->id)->find((int) $id)
            ?? throw new InvalidInput([new Problem('/take', Words::of('app.card_form.take'))]);
    }
}
