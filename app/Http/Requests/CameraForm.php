<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;
use Evrent\Words\Words;

/**
 * What a window wants of the camera in hand.
 */
final class CameraForm extends DevicesForm
{
    /**
     * @throws InvalidInput
     */
    public function chosenCamera(): string
    {
        if ($this->text('camera') === '') {
            throw new InvalidInput([new Problem('/camera', Words::of('app.camera_form.none'))]);
        }

        return $this->camera();
    }

    /** @return array<string, mixed> as CameraDaemon takes it */
    public function question(): array
    {
        $of = $this->text('of') === 'photo' ? 'photo' : 'frame';

        return [
            'do' => $of, 'histogram' => $this->boolean('histogram'), 'after' => $this->integer('after'), 'magnified' => $this->integer('magnified', 1),
            'x' => $this->float('x', 0.5), 'y' => $this->float('y', 0.5), ...($this->has('number') ? ['number' => $this->integer('number')] : []),
        ];
    }
}
