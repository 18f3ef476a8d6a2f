<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Evrent\Core\Editing\GivenWithEdit;
use Evrent\Core\Format\ShownUnits;
use Evrent\Core\Kit\RigWords;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;
use Evrent\Core\Words\TypedText;
use Evrent\Words\Words;

/**
 * What a window wants of the rig in hand.
 */
final class RigForm extends DevicesForm
{
    /** What goes to the daemon as it is sent. */
    private const NUMBERS = ['n', 'at', 'count', 'photo', 'from', 'to', 'legs'];

    /**
     * @return array{string, RigWords}
     *
     * @throws InvalidInput
     */
    public function chosenRig(): array
    {
        return $this->rig() ?? throw new InvalidInput([new Problem('/rig', Words::of('app.rig_form.none'))]);
    }

    public function wants(): string
    {
        return $this->text('do');
    }

    public function who(): string
    {
        return mb_substr($this->text('who'), 0, 40);
    }

    /** Whether where it is to go is a matter of the plan's photos. */
    public function goesByThePlan(): bool
    {
        return in_array($this->wants(), ['scrub', 'pass'], true) || $this->wants() === 'drive' && $this->has('photo');
    }

    /** Whether photos are to be taken on the way. */
    public function isTest(): bool
    {
        return $this->wants() === 'pass' && $this->integer('legs') > 0;
    }

    /**
     * @return array<string, mixed> as RigDaemon takes it
     *
     * @throws InvalidInput
     */
    public function question(Plan $plan): array
    {
        $question = ['do' => $this->wants(), 'who' => $this->who(), 'axis' => $this->text('axis'), 'loops' => $this->boolean('loops')];
        foreach (self::NUMBERS as $field) {
            if (is_numeric($this->input($field))) {
                $question[$field] = (float) $this->input($field);
            }
        }
        if ($this->wants() === 'pass') {
            // Nothing typed is as long as the run is.
            $question['seconds'] = $this->text('seconds') === ''
                ? Schedule::of($plan)->summary->runSeconds
                : TypedText::seconds($this->text('seconds'))
                ?? throw new InvalidInput([new Problem('/seconds', Words::of('app.rig_form.time'))]);
        }
        $shares = $this->input('shares');
        $question['shares'] = array_map(floatval(...), array_filter(is_array($shares) ? $shares : [], is_numeric(...)));

        $question['positions'] = $this->positions($plan);

        return $question;
    }

    /**
     * @return array<string, float> by axis id
     *
     * @throws InvalidInput
     */
    private function positions(Plan $plan): array
    {
        if ($this->has('keyframe')) {
            return $plan->move->keyframes[$this->integer('keyframe')]->positions
                ?? throw new InvalidInput([new Problem('/keyframe', Words::of('app.rig_form.keyframe'))]);
        }
        $texts = [];
        foreach ($plan->rig->axes as $axis) {
            $text = $this->text("positions.{$axis->id}");
            if ($text !== '') {
                $texts[$axis->id] = ShownUnits::position($axis->kind, $text);
            }
        }

        return $texts === [] ? [] : (new GivenWithEdit(['positions' => $texts]))->positions();
    }
}
