<?php

declare(strict_types=1);

namespace Evrent\Words;

use Countable;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Messages\Text;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Translation\FileLoader;
use Illuminate\Translation\Translator;

/**
 * The words of lang/, for pages, commands and devices alike: the framework's translator, which also takes messages of the core, formats
 * their arguments and chooses the plural.
 */
final class Catalogue extends Translator
{
    public const LANGUAGES = ['en', 'es'];

    /** English with each text in brackets: whatever shows outside them does not come from here. For tests; a browser has to ask for it by name. */
    public const PSEUDO = 'en-XA';

    /** @var array<string, Formatter> by language */
    private array $formatters = [];

    /** @var array<string, array<string, string>> by language and key */
    private array $lines = [];

    /**
     * @param list<string> $further folders of packages' own words
     */
    public static function of(string $locale, array $further = []): self
    {
        $catalogue = new self(new FileLoader(new Filesystem(), [...$further, dirname(__DIR__) . '/lang']), $locale);
        $catalogue->setFallback('en');

        return $catalogue;
    }

    /** Of the languages there are the one that an environment or a browser asks for: "es_ES.UTF-8", "es-MX,es;q=0.9,en;q=0.8". */
    public static function nearest(string $asked): string
    {
        preg_match_all('/([a-z]{2,3})(?:[-_][A-Za-z0-9]+)*(?:[.@][^,;]*)?(?:\s*;\s*q=([\d.]+))?/', $asked, $found, PREG_SET_ORDER);
        $best = ['en', 0.0];
        foreach ($found as $one) {
            $weight = isset($one[2]) ? (float) $one[2] : 1.0;
            if (in_array($one[1], self::LANGUAGES, true) && $weight > $best[1]) {
                $best = [$one[1], $weight];
            }
        }

        return str_starts_with($asked, self::PSEUDO) ? self::PSEUDO : $best[0];
    }

    /** A message in words. What is a text already, such as a name that somebody typed, stays. */
    public function say(Text|string $message): string
    {
        return match (true) {
            $message instanceof Message => $this->words($message->key, $message->arguments),
            $message instanceof Quantity => $this->formatter()->quantity($message),
            default => Message::forLog($message),
        };
    }

    /**
     * @param list<Text|string> $texts
     */
    public function listed(array $texts): string
    {
        return $this->formatter()->listed(array_map($this->say(...), $texts));
    }

    /**
     * @param array<string, mixed> $arguments
     */
    public function words(string $key, array $arguments = []): string
    {
        $words = $this->get($key, $arguments);

        return is_string($words) ? $words : $key;
    }

    /**
     * Whatever it holds, with each message and quantity in words.
     *
     * @template K of array-key
     *
     * @param array<K, mixed> $value
     *
     * @return array<K, mixed>
     */
    public function sayAll(array $value): array
    {
        foreach ($value as $name => $one) {
            if ($one instanceof Text) {
                $value[$name] = $this->say($one);
            } elseif (is_array($one)) {
                $value[$name] = $this->sayAll($one);
            }
        }

        return $value;
    }

    /**
     * As the framework's, with the arguments formatted. Of "one|more" it takes the form for `count`, or else for the first number given.
     *
     * @param string|Message $key
     * @param array<mixed>   $replace
     * @param ?string        $locale
     * @param bool           $fallback
     *
     * @return string|array<mixed>
     */
    public function get($key, array $replace = [], $locale = null, $fallback = true)
    {
        if ($key instanceof Message) {
            [$key, $replace] = [$key->key, [...$key->arguments, ...$replace]];
        }
        $isPseudo = ($locale ?? $this->locale) === self::PSEUDO;
        $line = $this->line($key, $isPseudo ? 'en' : $locale ?? $this->locale, $fallback);
        if (is_array($line) && $isPseudo) {
            array_walk_recursive($line, static function (mixed &$words): void {
                $words = is_string($words) ? '⟦' . str_replace('|', '⟧|⟦', $words) . '⟧' : $words;
            });
        }
        if (!is_string($line)) {
            return $line;
        }
        if (str_contains($line, '|')) {
            /** @var string $line */
            $line = $this->getSelector()->choose($line, self::count($replace), $locale ?? $this->locale);
        }
        $said = [];
        foreach ($replace as $name => $value) {
            $said[(string) $name] = $this->argument($value);
        }
        $words = $said === [] ? $line : $this->makeReplacements($line, $said);

        return $isPseudo && $line !== $key ? "⟦{$words}⟧" : $words;
    }

    /**
     * A page says the same few hundred texts again and again, and the framework takes each key apart every time.
     *
     * @return string|array<mixed>
     */
    private function line(string $key, string $locale, bool $fallback): string|array
    {
        $line = $fallback ? $this->lines[$locale][$key] ?? null : null;
        if ($line === null) {
            $line = $this->lineAt($key, $locale) ?? ($fallback ? $this->lineAt($key, $this->fallback) : null)
                ?? $this->fromFramework($key, $locale, $fallback);
            if (is_string($line) && $line !== $key) {
                $this->lines[$locale][$key] = $line;
            }
        }

        return $line;
    }

    /**
     * Texts of packages, and keys that there is no text for. The command line has neither the packages nor the helpers this needs.
     *
     * @return string|array<mixed>
     */
    private function fromFramework(string $key, string $locale, bool $fallback): string|array
    {
        return function_exists('value') ? parent::get($key, [], $locale, $fallback) : $key;
    }

    /** The text of a plain key in one language, without the framework's namespaces and fallbacks; null where these have to be asked. */
    private function lineAt(string $key, string $locale): ?string
    {
        $parts = explode('.', $key);
        $group = array_shift($parts);
        if ($parts === [] || str_contains($key, '::')) {
            return null;
        }
        $this->load('*', $group, $locale);
        /** @var array<string, array<string, array<string, mixed>>> $loaded by group and language */
        $loaded = $this->loaded['*'] ?? [];
        $line = $loaded[$group][$locale] ?? null;
        foreach ($parts as $part) {
            $line = is_array($line) ? $line[$part] ?? null : null;
        }

        return is_string($line) ? $line : null;
    }

    /**
     * As the framework's, with the number formatted.
     *
     * @param string                           $key
     * @param array<mixed>|Countable|float|int $number
     * @param array<mixed>                     $replace
     * @param ?string                          $locale
     */
    public function choice($key, $number, array $replace = [], $locale = null): string
    {
        $words = $this->get($key, ['count' => is_countable($number) ? count($number) : $number, ...$replace], $locale);

        return is_string($words) ? $words : $key;
    }

    private function argument(mixed $value): string
    {
        return match (true) {
            $value instanceof Text => $this->say($value),
            // A year, a width in pixels, a file's number: four figures stay together.
            is_int($value) => abs($value) < 10_000 ? (string) $value : $this->formatter()->whole($value),
            is_float($value) => $this->formatter()->quantity(Quantity::number($value)),
            is_array($value) => $this->formatter()->listed(array_map($this->argument(...), array_values($value))),
            // In the pseudo-language what was no message is marked: a word of it is somebody's, or is missing from the catalogue.
            is_string($value) && $this->locale === self::PSEUDO && $value !== '' => "⟪{$value}⟫",
            is_scalar($value) => (string) $value,
            default => '',
        };
    }

    /** A number as it stands in a field to be typed over: "0,8". Both signs are read everywhere. */
    public function typed(string $number): string
    {
        return $this->formatter()->typed($number);
    }

    private function formatter(): Formatter
    {
        return $this->formatters[$this->locale] ??= new Formatter($this, $this->locale);
    }

    /**
     * @param array<mixed> $replace
     */
    private static function count(array $replace): float|int
    {
        foreach (isset($replace['count']) ? [$replace['count']] : $replace as $value) {
            // As it is read: 0.96 to one decimal is one.
            $number = $value instanceof Quantity ? round((float) $value->value, $value->decimals) : $value;
            if (is_int($number) || is_float($number)) {
                return $number;
            }
        }

        return 2;
    }
}
