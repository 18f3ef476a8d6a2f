<?php

declare(strict_types=1);

namespace App\Pages;

use App\Http\Typed;
use Evrent\Core\Messages\Text;
use Evrent\Words\Words;

/**
 * The markup of one number of a plan that can be typed, as the component `x-number` writes it. A move through hundreds of keyframes has
 * thousands of them: as components they would take seconds.
 */
final class NumberField
{
    public static function html(string $pointer, string $label, string $value, string $unit = '', int $width = 4, Text|string|null $problem = null): string
    {
        $path = explode('/', ltrim($pointer, '/'));
        $key = e(implode('-', $path));
        $name = e('plan[' . implode('][', $path) . ']');
        $text = e(session()->hasOldInput() ? Typed::before('plan.' . implode('.', $path), $value) : $value);
        $invalid = $problem === null ? '' : ' aria-invalid="true"';
        $shownUnit = $unit === '' ? '' : '<span class="unit' . ($unit === '°' ? ' is-close' : '') . '" aria-hidden="true">' . e($unit) . '</span>';

        return "<span class=\"number\"><label for=\"f-{$key}\" class=\"sr-only\">" . e($label) . '</label><span class="entry">'
            . "<input class=\"plan-field\" form=\"plan\" id=\"f-{$key}\" name=\"{$name}\" value=\"{$text}\" type=\"text\""
            . ' inputmode="decimal" autocomplete="off"'
            . " style=\"--width: {$width}ch\" aria-describedby=\"p-{$key}\"{$invalid}>{$shownUnit}</span>"
            . "<span class=\"problem\" id=\"p-{$key}\">" . e(Words::say($problem)) . '</span></span>';
    }

    /** One of many buttons that make the same edit at another place, which share a form that `x-presses` lays out once. */
    public static function press(string $form, int $place, string $id, string $icon, string $says, bool $isShown = false): string
    {
        $class = $isShown ? '' : ' class="sr-only"';

        return '<button class="button is-quiet" form="' . e($form) . "\" name=\"with[place]\" value=\"{$place}\" id=\"" . e($id) . '">'
            . "<span class=\"icon\" aria-hidden=\"true\">{$icon}</span><span class=\"text\"><span{$class}>" . e($says) . '</span></span></button>';
    }
}
