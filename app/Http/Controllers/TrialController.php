<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\JudgeTrial;
use App\Actions\LayOutTrial;
use App\Actions\MakeRecipeOfTrial;
use App\Actions\ShootGrid;
use App\Actions\ThrowAway;
use App\Http\Requests\TrialForm;
use App\Http\Requests\VerdictsForm;
use App\Http\SeenValues;
use App\Models\Shoot;
use App\Models\Trial;
use App\Pages\GridPage;
use App\Pages\TogetherPage;
use Evrent\Core\Presets\Trial as Matrix;
use Evrent\Core\Presets\TrialText;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Words\TypedText;
use Evrent\Words\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

/**
 * Test shoots: intervals against shutter times, and what came of each.
 */
final class TrialController
{
    public function index(Shoot $shoot): View
    {
        $together = new TogetherPage($shoot);

        return view('trials.index', [
            'shoot' => $shoot, 'trials' => $shoot->trials()->get()->map(GridPage::of(...)), 'shots' => $together->shots(), 'devices' => $together->devices(),
        ]);
    }

    public function store(TrialForm $form, Shoot $shoot, LayOutTrial $layOut): RedirectResponse
    {
        $matrix = $form->taken(static fn (): Matrix => TrialText::read(
            $form->text('subject'),
            $form->text('intervals'),
            $form->text('shutters'),
            $form->text('photos'),
        ));
        $layOut($shoot, $matrix);

        return $this->back($shoot)->with('notice', Words::of('app.trial.created', subject: $matrix->subject));
    }

    /** The verdicts on all cells, as they stand in the table. */
    public function update(VerdictsForm $form, Shoot $shoot, Trial $trial, JudgeTrial $judge): RedirectResponse
    {
        $form->taken(static fn () => $judge($trial, static function (Matrix $matrix) use ($form): Matrix {
            $verdicts = $matrix->verdictTexts();
            foreach (array_keys((array) $form->input('cells', [])) as $cell) {
                // One that is not there is refused as it always was.
                $matrix = isset($verdicts["cells.{$cell}.rating"]) ? $matrix : $matrix->withVerdict((string) $cell, 1, '');
            }
            foreach (SeenValues::merged($form, $verdicts) as $field => $text) {
                [, $cell, $part] = explode('.', $field);
                if ($text !== $verdicts[$field]) {
                    $own = [...$matrix->verdictOf($cell), $part => $text];
                    $rating = TypedText::number($own['rating']);
                    $matrix = $matrix->withVerdict($cell, $rating === null ? null : (int) $rating, $own['note']);
                }
            }

            return $matrix;
        }));

        return redirect()->to(route('trials.index', $shoot) . "#trial-{$trial->id}");
    }

    /** The best cell as a recipe. */
    public function recipe(Shoot $shoot, Trial $trial, MakeRecipeOfTrial $makeRecipe): RedirectResponse
    {
        try {
            $makeRecipe($trial);
        } catch (InvalidInput $invalid) {
            return $this->back($shoot)->with('notice', Words::say($invalid->problems[0]->message));
        }

        return redirect()->route('presets.index')->with('notice', Words::of('app.trial.recipe', subject: $trial->subject));
    }

    public function destroy(Shoot $shoot, Trial $trial, ThrowAway $throwAway, ShootGrid $shootGrid): RedirectResponse
    {
        $trial->grids()->get()->each($shootGrid->stop(...));

        return $this->back($shoot)->with($throwAway($trial, 'trial', $trial->subject));
    }

    private function back(Shoot $shoot): RedirectResponse
    {
        return redirect()->route('trials.index', $shoot);
    }
}
