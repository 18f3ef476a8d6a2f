<?php

declare(strict_types=1);

namespace Evrent\Core\Sky;

use Closure;
use Normalizer;

/**
 * Places by the beginnings of their names, in lines sorted by their folded names: searched by halves, whatever holds the lines.
 */
final readonly class Gazetteer
{
    private const LONGEST_LINE = 600;
    private const MOST_READ = 400;

    /**
     * @param Closure(int, int): string $read  bytes from an offset on, so many at most
     * @param int                       $bytes all of them
     */
    public function __construct(private Closure $read, private int $bytes)
    {
    }

    /**
     * @param string $name as it is typed
     * @param int    $most of them
     *
     * @return list<array{name: string, country: string, latitude: float, longitude: float, zone: string}> the largest first, exact names before others
     */
    public function find(string $name, int $most = 8): array
    {
        $folded = self::folded($name);
        if (mb_strlen($folded) < 2) {
            return [];
        }
        $found = [];
        for ($at = $this->firstFrom($folded), $count = 0; $at < $this->bytes && $count < self::MOST_READ; $count++) {
            [$line, $at] = $this->lineAt($at);
            $fields = explode("\t", $line);
            if (!str_starts_with($fields[0], $folded) || count($fields) < 7) {
                break;
            }
            $found[] = ['order' => ($fields[0] === $folded ? '0' : '1') . $fields[1], 'fields' => $fields];
        }
        usort($found, static fn (array $a, array $b): int => $a['order'] <=> $b['order']);

        return array_map(static fn (array $one): array => [
            'name' => $one['fields'][2], 'country' => $one['fields'][3], 'latitude' => (float) $one['fields'][4], 'longitude' => (float) $one['fields'][5],
            'zone' => $one['fields'][6],
        ], array_slice($found, 0, $most));
    }

    /** Without accents and in small letters, as the lines are. */
    private static function folded(string $name): string
    {
        $plain = Normalizer::normalize(trim($name), Normalizer::FORM_KD);

        return mb_strtolower((string) preg_replace('/\p{M}/u', '', is_string($plain) ? $plain : $name));
    }

    /** Offset of the first line that is not before the name. */
    private function firstFrom(string $folded): int
    {
        [$low, $high] = [0, $this->bytes];
        while ($low < $high) {
            $middle = $this->lineStartFrom(intdiv($low + $high, 2));
            if ($middle >= $high) {
                $high = intdiv($low + $high, 2);
                continue;
            }
            [$line, $next] = $this->lineAt($middle);
            [$low, $high] = strcmp(explode("\t", $line)[0], $folded) < 0 ? [$next, $high] : [$low, intdiv($low + $high, 2)];
        }

        return $this->lineStartFrom($low);
    }

    /** Offset of the first line that begins there or later. */
    private function lineStartFrom(int $offset): int
    {
        if ($offset === 0) {
            return 0;
        }
        $end = strpos(($this->read)($offset - 1, self::LONGEST_LINE), "\n");

        return $end === false ? $this->bytes : $offset + $end;
    }

    /**
     * @return array{string, int} the line, and where the next begins
     */
    private function lineAt(int $offset): array
    {
        $read = ($this->read)($offset, self::LONGEST_LINE);
        $end = strpos($read, "\n");
        $line = $end === false ? $read : substr($read, 0, $end);

        return [$line, $offset + strlen($line) + 1];
    }
}
