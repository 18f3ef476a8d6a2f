<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Actions\StartOfOne;
use App\Models\Shoot;
use App\Models\Shot;
use Evrent\Core\Kit\KitKind;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;
use Evrent\Core\Words\TypedText;
use Evrent\Words\Words;

/**
 * Two shots of a shoot that are started together: which, on what, and when.
 */
final class TogetherForm extends DevicesForm
{
    public const ROWS = ['first', 'second'];

    public function named(): string
    {
        return 'together';
    }

    public function standsAt(): string
    {
        return route('together.show', $this->shoot());
    }

    /**
     * @return array<string, StartOfOne> by row
     *
     * @throws InvalidInput
     */
    public function starts(): array
    {
        $starts = [];
        foreach (self::ROWS as $row) {
            $rig = $this->piece("{$row}.rig", KitKind::Rig);
            $starts[$row] = new StartOfOne(
                $this->shotOf($row),
                $rig === null ? null : [$rig->address, $rig->words],
                $this->piece("{$row}.camera", KitKind::Body)->address ?? '',
                $this->seconds("{$row}.delay", 60.0),
            );
        }

        return $starts;
    }

    private function shoot(): Shoot
    {
        $shoot = $this->route('shoot');
        assert($shoot instanceof Shoot);

        return $shoot;
    }

    /** @throws InvalidInput */
    private function shotOf(string $row): Shot
    {
        return $this->shoot()->shots()->find((int) $this->text("{$row}.shot"))
            ?? throw new InvalidInput([new Problem("/{$row}/shot", Words::of('app.choose_shot'))]);
    }

    /** @throws InvalidInput */
    private function seconds(string $field, float $otherwise): float
    {
        $text = $this->text($field);

        return $text === '' ? $otherwise : TypedText::seconds($text)
            ?? throw new InvalidInput([new Problem('/' . str_replace('.', '/', $field), Words::of('app.together_form.time'))]);
    }
}
