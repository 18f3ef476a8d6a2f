<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Exceptions\FieldsChangedElsewhere;
use App\Exceptions\FormRefused;
use App\Exceptions\ShotChangedElsewhere;
use App\Http\Typed;
use App\Models\Shot;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;
use Evrent\Words\Words;
use Illuminate\Contracts\Validation\Validator;
use Illuminate\Contracts\View\View;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Foundation\Http\FormRequest;

/**
 * What a form of a page sends. What is wrong with it is told in one place, App\Exceptions\Told, by its fields where it stands.
 */
abstract class Form extends FormRequest
{
    /** A name, or another text of one line. */
    protected const ONE_LINE = 'not_regex:/[\p{Cc}\x{FFFD}]/u';

    /** Under what its messages are kept, such as kit.5. */
    abstract public function named(): string;

    /** The address where it stands. */
    abstract public function standsAt(): string;

    /**
     * @param array<string, string> $problems by field
     *
     * @return ?View what a script puts in place of the part of the page that has the form; null where the page is shown anew
     */
    public function refusedPart(array $problems): ?View
    {
        return null;
    }

    /**
     * @return array<string, list<mixed>>
     */
    public function rules(): array
    {
        return [];
    }

    public function text(string $field): string
    {
        return Typed::text($this, $field);
    }

    /**
     * Does what the form is for.
     *
     * @template T
     *
     * @param callable(): T $work
     *
     * @return T
     *
     * @throws FormRefused
     */
    public function taken(callable $work): mixed
    {
        try {
            return $work();
        } catch (InvalidInput $invalid) {
            throw new FormRefused($this, $invalid->problems);
        } catch (FieldsChangedElsewhere $changed) {
            throw new FormRefused($this, $changed->problems, isConflict: true);
        } catch (ShotChangedElsewhere) {
            throw new FormRefused($this, [$this->changedElsewhere()], isConflict: true);
        } catch (UniqueConstraintViolationException $twice) {
            throw $this->nameTaken() === null ? $twice : new FormRefused($this, [new Problem('/name', $this->nameTaken())]);
        }
    }

    /** The shot that it is about, where its address names one. */
    protected function shot(): Shot
    {
        $found = $this->route('shot');
        assert($found instanceof Shot);

        return $found;
    }

    /** What is said of a name that another has, where only one may have it. */
    protected function nameTaken(): ?string
    {
        return null;
    }

    /**
     * @return list<Problem> what else is wrong when the rules already say no, so that all of it is told at once
     */
    protected function furtherProblems(): array
    {
        return [];
    }

    /** What is said when another window changed the shot that the form is about. */
    protected function changedElsewhere(): Problem
    {
        return new Problem('', Words::of('app.form.elsewhere'));
    }

    /**
     * @return string the page it was sent from, where that is one of those below an address: another tab may have been looked at since
     */
    protected function sentFrom(string $below, ?string $otherwise = null): string
    {
        return preg_match('~^' . preg_quote($below, '~') . '(?=[/?#]|$)~', url()->previous()) === 1 ? url()->previous() : $otherwise ?? $below;
    }

    protected function failedValidation(Validator $validator): never
    {
        $problems = [];
        foreach ($validator->errors()->keys() as $field) {
            $problems[] = new Problem("/{$field}", $validator->errors()->first($field));
        }

        throw new FormRefused($this, [...$problems, ...$this->furtherProblems()]);
    }
}
