<?php

declare(strict_types=1);

namespace Evrent\Core\Messages;

use InvalidArgumentException;

/**
 * A number in the form it is read in; how that form looks is the reader's language's (`Evrent\Words\Formatter`).
 */
final readonly class Quantity implements Text
{
    private function __construct(
        public QuantityForm $form,
        public float|int $value,
        public int $decimals = 0,
        public float|int|null $to = null,
        public string $unit = '',
    ) {
    }

    /** Rounded, without trailing zeros: 4.767, 12. */
    public static function rounded(float $value, int $decimals = 2): self
    {
        return new self(QuantityForm::Rounded, $value, $decimals);
    }

    /** All its digits: 8, 0.8, 88.8888888889. */
    public static function number(float $value): self
    {
        return new self(QuantityForm::Number, $value);
    }

    /** A bound, all its digits, thousands apart: "100,000", "0.000001". */
    public static function limit(float|int $value): self
    {
        return new self(QuantityForm::Limit, $value, 9);
    }

    /** Always the same number of decimals, for columns. */
    public static function fixed(float $value, int $decimals): self
    {
        return new self(QuantityForm::Fixed, $value, $decimals);
    }

    /** A difference: "+1.3", "−0.2", "0". */
    public static function signed(float $value, int $decimals): self
    {
        return new self(QuantityForm::Signed, $value, $decimals);
    }

    /** From one number to another: "100 to 800", or "100" where they are the same. */
    public static function between(float $from, float $to): self
    {
        return new self(QuantityForm::Between, $from, 10, $to);
    }

    /** @param string $unit of the catalogue's `units`, such as "stop" */
    public static function betweenSigned(float $from, float $to, int $decimals, string $unit): self
    {
        return new self(QuantityForm::BetweenSigned, $from, $decimals, $to, $unit);
    }

    /**
     * A count and what is counted: "1 stop", "no stops".
     *
     * @param string $unit of the catalogue's `units`
     */
    public static function counted(float $count, string $unit, int $decimals = 1): self
    {
        return new self(QuantityForm::Counted, $count, $decimals, null, $unit);
    }

    /** With the sign of a unit, which no language changes: "12.5 mm", "5°". */
    public static function withUnit(float $value, string $unit, int $decimals = 2): self
    {
        return new self(QuantityForm::WithUnit, $value, $decimals, null, $unit);
    }

    public static function stops(float $stops): self
    {
        return self::counted($stops, 'stop');
    }

    public static function photos(int $count): self
    {
        return new self(QuantityForm::Photos, $count);
    }

    /** A share as per cent, all its digits, without the sign. */
    public static function percent(float $share): self
    {
        return new self(QuantityForm::Number, round($share * 100.0, 10));
    }

    /** A share as per cent to a tenth, without the sign. */
    public static function roundedPercent(float $share): self
    {
        return new self(QuantityForm::Rounded, $share * 100.0, 1);
    }

    /** A shutter time without its unit, read back as it is: "1/80", "0.8". */
    public static function exposure(float $seconds): self
    {
        return new self(QuantityForm::Exposure, $seconds);
    }

    /** A shutter time without its unit, as it is read: "1/125", "2.5". */
    public static function shutter(float $seconds): self
    {
        return new self(QuantityForm::Shutter, $seconds);
    }

    /** Short spans: "5.58 s", "7.8 ms". */
    public static function seconds(float $seconds): self
    {
        return new self(QuantityForm::Seconds, $seconds);
    }

    /** "31 min 53 s", "2 h 5 min", "3 d 4 h". */
    public static function duration(float $seconds): self
    {
        return new self(QuantityForm::Duration, $seconds);
    }

    /** To the hundredth of a second, read back as it is: "39 min 41 s", "8.25 s". */
    public static function span(float $seconds): self
    {
        return new self(QuantityForm::Span, $seconds);
    }

    /** "31:52.0" */
    public static function stopwatch(float $seconds): self
    {
        return new self(QuantityForm::Stopwatch, $seconds);
    }

    /** "1.2 GB" */
    public static function bytes(int $bytes): self
    {
        return new self(QuantityForm::Bytes, $bytes);
    }

    /** Whether it is read as nothing. */
    public function isZero(): bool
    {
        return round((float) $this->value, $this->decimals) === 0.0;
    }

    public function __toString(): string
    {
        // About as it is read, so that it stays the same where the last digits do not.
        $decimals = $this->decimals > 0 ? $this->decimals : 3;
        $number = static fn (float|int $value): string => (string) json_encode(is_float($value) ? round($value, $decimals) + 0.0 : $value);

        return $number($this->value) . ($this->to === null ? '' : '…' . $number($this->to))
            . ($this->unit === '' ? '' : " {$this->unit}");
    }

    /**
     * @return array<string, mixed>
     */
    public function jsonSerialize(): array
    {
        return array_filter(
            ['form' => $this->form->value, 'value' => $this->value, 'decimals' => $this->decimals, 'to' => $this->to, 'unit' => $this->unit],
            static fn (mixed $one): bool => !in_array($one, [null, ''], true),
        );
    }

    /**
     * @param array<mixed> $kept
     */
    public static function of(array $kept): self
    {
        $form = is_string($kept['form'] ?? null) ? QuantityForm::tryFrom($kept['form']) : null;
        [$value, $decimals, $to, $unit] = [$kept['value'] ?? null, $kept['decimals'] ?? 0, $kept['to'] ?? null, $kept['unit'] ?? ''];
        $isNumber = is_int($value) || is_float($value);
        if ($form === null || !$isNumber || !is_int($decimals) || $to !== null && !is_int($to) && !is_float($to) || !is_string($unit)) {
            throw new InvalidArgumentException('Not a stored quantity.');
        }

        return new self($form, $value, $decimals, $to, $unit);
    }
}
