<?php

declare(strict_types=1);

namespace Evrent\Words;

use Evrent\Core\Messages\Quantity;
use Evrent\Core\Messages\QuantityForm;
use Evrent\Core\Words\PlainText;
use NumberFormatter;

/**
 * Quantities and lists as they are written in one language.
 */
final readonly class Formatter
{
    private string $decimalSign;

    private string $groupSign;

    public function __construct(private Catalogue $catalogue, string $locale)
    {
        $symbols = new NumberFormatter($locale, NumberFormatter::DECIMAL);
        $this->decimalSign = $symbols->getSymbol(NumberFormatter::DECIMAL_SEPARATOR_SYMBOL);
        // A point between thousands reads as a decimal sign to half the world: a narrow space is read by all.
        $group = $symbols->getSymbol(NumberFormatter::GROUPING_SEPARATOR_SYMBOL);
        $this->groupSign = $group === ',' ? $group : "\u{202f}";
    }

    public function quantity(Quantity $quantity): string
    {
        $value = (float) $quantity->value;

        return match ($quantity->form) {
            QuantityForm::Number => $this->signs(PlainText::number($value)),
            QuantityForm::Rounded => $this->rounded($value, $quantity->decimals),
            QuantityForm::Limit => $this->limit($value),
            QuantityForm::Fixed => $this->signs(PlainText::fixed($value, $quantity->decimals)),
            QuantityForm::Signed => $this->signs(PlainText::signed($value, $quantity->decimals)),
            QuantityForm::Between => $this->between($this->signs(PlainText::number($value)), $this->signs(PlainText::number((float) $quantity->to))),
            QuantityForm::BetweenSigned => $this->betweenSigned($quantity),
            QuantityForm::Counted => $this->counted($this->rounded($value, $quantity->decimals), $quantity->unit),
            QuantityForm::WithUnit => PlainText::withUnit($this->rounded($value, $quantity->decimals), $quantity->unit),
            QuantityForm::Photos => $this->counted($this->whole((int) $quantity->value), 'photo'),
            QuantityForm::Exposure => $this->signs(PlainText::exposure($value)),
            QuantityForm::Shutter => $this->signs(PlainText::shutter($value)),
            QuantityForm::Seconds => $this->signs(PlainText::seconds($value)),
            QuantityForm::Duration => $this->signs(PlainText::duration($value)),
            QuantityForm::Span => $this->signs(PlainText::span($value)),
            QuantityForm::Stopwatch => $this->signs(PlainText::stopwatch($value)),
            QuantityForm::Bytes => $this->signs(PlainText::bytes((int) $quantity->value)),
        };
    }

    /** "1,200" */
    public function whole(int $count): string
    {
        return number_format($count, 0, '', abs($count) < 10_000 && $this->groupSign !== ',' ? '' : $this->groupSign);
    }

    /**
     * @param list<string> $names
     *
     * @return string "clip, interval and framing"
     */
    public function listed(array $names): string
    {
        $last = (string) array_pop($names);

        return $names === [] ? $last : $this->catalogue->words('units.and', ['first' => implode(', ', $names), 'last' => $last]);
    }

    private function limit(float $value): string
    {
        $fraction = rtrim(rtrim(substr(number_format(abs($value), 9, '.', ''), -10), '0'), '.');

        return ($value < 0.0 ? '-' : '') . $this->whole((int) abs($value)) . $this->signs($fraction);
    }

    private function rounded(float $value, int $decimals): string
    {
        return $this->signs(PlainText::rounded($value, $decimals));
    }

    /** A number as it is typed, with this language's decimal sign. */
    public function typed(string $number): string
    {
        return $this->signs($number);
    }

    private function signs(string $number): string
    {
        return $this->decimalSign === '.' ? $number : str_replace('.', $this->decimalSign, $number);
    }

    private function counted(string $number, string $unit): string
    {
        $form = match ($number) {
            '0' => '.none',
            '1', '−1', '+1' => '.one',
            default => '.many',
        };

        return $this->catalogue->words("units.{$unit}{$form}", ['number' => $number]);
    }

    private function between(string $from, string $to): string
    {
        return $from === $to ? $from : $this->catalogue->words('units.between', ['from' => $from, 'to' => $to]);
    }

    private function betweenSigned(Quantity $quantity): string
    {
        $number = fn (float $value): string => $this->signs(PlainText::signed($value, $quantity->decimals));
        [$from, $to] = [$number((float) $quantity->value), $number((float) $quantity->to)];
        if ($from === '0' && $to === '0') {
            return $this->catalogue->words("units.{$quantity->unit}.many", ['number' => '0']);
        }

        return $from === $to ? $this->counted($from, $quantity->unit)
            : $this->catalogue->words("units.{$quantity->unit}.many", ['number' => $this->between($from, $to)]);
    }
}
