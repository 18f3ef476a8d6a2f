<?php

declare(strict_types=1);

namespace Evrent\Words;

use DateTimeInterface;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Text;
use IntlDateFormatter;

/**
 * The catalogue of this process: of the request's language on the web, of the environment's on the command line.
 */
final class Words
{
    private static ?Catalogue $catalogue = null;

    /** @var array<string, IntlDateFormatter> by language, time zone and pattern */
    private static array $dates = [];

    public static function use(Catalogue $catalogue): void
    {
        self::$catalogue = $catalogue;
    }

    public static function catalogue(): Catalogue
    {
        return self::$catalogue ??= Catalogue::of(Catalogue::nearest(self::environment()));
    }

    /** In words; what is a text already stays, and nothing is nothing. */
    public static function say(Text|string|null $text): string
    {
        return $text instanceof Text ? self::catalogue()->say($text) : (string) $text;
    }

    /** As `say`, with a capital, for the head of a line. */
    public static function capital(Text|string|null $text): string
    {
        $said = self::say($text);

        return mb_strtoupper(mb_substr($said, 0, 1)) . mb_substr($said, 1);
    }

    /** As `say`, to go on within a line. */
    public static function within(Text|string|null $text): string
    {
        $said = self::say($text);

        return mb_strtolower(mb_substr($said, 0, 1)) . mb_substr($said, 1);
    }

    /**
     * @param list<Text|string> $texts
     *
     * @return string "clip, interval and framing"
     */
    public static function listed(array $texts): string
    {
        return self::catalogue()->listed($texts);
    }

    /**
     * With each message and quantity in it in words, as deep as it goes.
     *
     * @template K of array-key
     *
     * @param array<K, mixed> $value
     *
     * @return array<K, mixed>
     */
    public static function sayAll(array $value): array
    {
        return self::catalogue()->sayAll($value);
    }

    /** A number as it stands in a field to be typed over, with the reader's decimal sign. */
    public static function typed(string $number): string
    {
        return self::catalogue()->typed($number);
    }

    /** A message by its key and arguments. */
    public static function of(string $key, Text|string|int|float ...$arguments): string
    {
        /** @var array<string, Text|string|int|float> $arguments */
        return self::say(new Message($key, $arguments));
    }

    /** @param string $key of the pattern in the catalogue, in Unicode's letters for dates: "EEEE d MMMM y" */
    public static function date(DateTimeInterface $day, string $key): string
    {
        $catalogue = self::catalogue();
        $pattern = $catalogue->words($key);
        $none = IntlDateFormatter::NONE;
        // Making one takes a quarter of a millisecond, and a page has a dozen dates.
        $name = "{$catalogue->getLocale()} {$day->getTimezone()->getName()} {$pattern}";
        self::$dates[$name] ??= new IntlDateFormatter($catalogue->getLocale(), $none, $none, $day->getTimezone(), null, $pattern);

        return (string) self::$dates[$name]->format($day);
    }

    private static function environment(): string
    {
        $asked = getenv('EVRENT_LANGUAGE');

        return is_string($asked) ? $asked : 'en';
    }
}
