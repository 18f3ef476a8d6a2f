<?php

declare(strict_types=1);

namespace Evrent\Core\Timing;

use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Text;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;
use Evrent\Core\Values\Problems;

/**
 * A duration that is the same for every photo, or changes along the sequence through keys.
 */
final readonly class KeyedSeconds
{
    /** A day: the longest interval or exposure that anyone programs. */
    public const MOST_SECONDS = 86_400;
    public const MOST_KEYS = 1_000;

    /**
     * @param non-empty-list<array{at: float, seconds: float}> $keys at rises from 0 to 1; one key alone is a constant
     * @param string                                           $what what the duration is, for messages ("an interval")
     *
     * @throws \Evrent\Core\Values\InvalidInput with pointers such as "/1/at" for keys and "" for a constant
     */
    public function __construct(public array $keys, public Between $between, private Text|string $what = new Message('what.duration'))
    {
        $problems = new Problems();
        $last = count($keys) - 1;
        if ($last >= self::MOST_KEYS) {
            $problems->add('', new Message('timing.keyed_seconds.most', ['most_keys' => self::MOST_KEYS]));
        }
        foreach ($keys as $i => $key) {
            $problems->unlessPositive(
                $key['seconds'],
                self::MOST_SECONDS,
                $last === 0 ? '' : "/{$i}/seconds",
                new Message('timing.keyed_seconds.seconds', ['what' => $what]),
            );
            if ($last > 0 && ($i === 0 && $key['at'] !== 0.0 || $i === $last && $key['at'] !== 1.0)) {
                $problems->add("/{$i}/at", $i === 0 ? new Message('timing.keyed_seconds.first') : new Message('timing.keyed_seconds.last'));
            }
            // Written so that NaN counts as not rising.
            if ($i > 0 && !($key['at'] > $keys[$i - 1]['at'])) {
                $problems->add("/{$i}/at", new Message('timing.keyed_seconds.order'));
            }
        }
        $problems->throwIfAny();
    }

    /**
     * @throws \Evrent\Core\Values\InvalidInput
     */
    public static function constant(float $seconds, Between $between, Text|string $what = new Message('what.duration')): self
    {
        return new self([['at' => 0.0, 'seconds' => $seconds]], $between, $what);
    }

    public function isConstant(): bool
    {
        return count($this->keys) === 1;
    }

    /** The longest of the keys, which no photo passes. */
    public function longest(): float
    {
        return max(array_column($this->keys, 'seconds'));
    }

    /**
     * @param callable(float): float $change seconds in, seconds out
     *
     * @throws \Evrent\Core\Values\InvalidInput
     */
    public function map(callable $change): self
    {
        return new self(
            array_map(static fn (array $key): array => ['at' => $key['at'], 'seconds' => $change($key['seconds'])], $this->keys),
            $this->between,
            $this->what,
        );
    }

    /** The same, with a key at each end that can be changed. */
    public function varying(): self
    {
        $seconds = $this->keys[0]['seconds'];
        $ends = [['at' => 0.0, 'seconds' => $seconds], ['at' => 1.0, 'seconds' => $seconds]];

        return $this->isConstant() ? new self($ends, $this->between, $this->what) : $this;
    }

    /** The first key's duration for every photo. */
    public function steady(): self
    {
        return new self([['at' => 0.0, 'seconds' => $this->keys[0]['seconds']]], $this->between, $this->what);
    }

    /**
     * What is left of it behind a share of the sequence: its first key is what holds there.
     *
     * @param float $share 0…1
     *
     * @throws \Evrent\Core\Values\InvalidInput
     */
    public function after(float $share): self
    {
        if ($this->isConstant() || $share <= 0.0) {
            return $this;
        }
        $left = array_values(array_filter($this->keys, static fn (array $key): bool => $key['at'] > $share));
        $before = $this->keys[count($this->keys) - count($left) - 1];
        if ($left === []) {
            return new self([['at' => 0.0, 'seconds' => $before['seconds']]], $this->between, $this->what);
        }
        $now = $this->between->seconds($before['seconds'], $left[0]['seconds'], ($share - $before['at']) / ($left[0]['at'] - $before['at']));
        $keys = [['at' => 0.0, 'seconds' => $now]];
        foreach ($left as ['at' => $at, 'seconds' => $seconds]) {
            $keys[] = ['at' => $at >= 1.0 ? 1.0 : ($at - $share) / (1.0 - $share), 'seconds' => $seconds];
        }

        return new self($keys, $this->between, $this->what);
    }

    /**
     * One more key, half way to the next and with the duration that holds there.
     *
     * @param int $place of the key before it, from 0
     *
     * @throws \Evrent\Core\Values\InvalidInput
     */
    public function withKeyAfter(int $place): self
    {
        if (!isset($this->keys[$place], $this->keys[$place + 1])) {
            throw new InvalidInput([new Problem('/edit/place', new Message('timing.keyed_seconds.between'))]);
        }
        [$from, $to] = [$this->keys[$place], $this->keys[$place + 1]];
        $keys = $this->keys;
        array_splice($keys, $place + 1, 0, [[
            'at' => ($from['at'] + $to['at']) / 2.0,
            'seconds' => round($this->between->seconds($from['seconds'], $to['seconds'], 0.5), 4),
        ]]);

        return new self($keys, $this->between, $this->what);
    }

    /**
     * @param int $place of the key, from 0; the first and the last stay
     *
     * @throws \Evrent\Core\Values\InvalidInput
     */
    public function withoutKey(int $place): self
    {
        $keys = $this->keys;
        if ($place < 1 || $place >= count($keys) - 1) {
            throw new InvalidInput([new Problem('/edit/place', new Message('timing.keyed_seconds.out'))]);
        }
        array_splice($keys, $place, 1);

        return $keys === [] ? $this : new self($keys, $this->between, $this->what);
    }

    /**
     * The duration for one photo of a sequence: photo n of N reads the keys at (n - 1)/(N - 1).
     *
     * @param int $n photo, from 0
     */
    public function at(int $n, int $photosTotal): float
    {
        $k = 1;

        return $this->from($n, $photosTotal, $k);
    }

    /**
     * @param int $k the key to look from on; left at the one that the photo comes before
     */
    private function from(int $n, int $photosTotal, int &$k): float
    {
        $last = count($this->keys) - 1;
        if ($last === 0) {
            return $this->keys[0]['seconds'];
        }
        $x = $photosTotal > 1 ? $n / ($photosTotal - 1) : 0.0;
        while ($k < $last && $x >= $this->keys[$k]['at']) {
            $k++;
        }
        $from = $this->keys[$k - 1];
        $to = $this->keys[$k];

        return $x >= $to['at']
            ? $to['seconds']
            : $this->between->seconds($from['seconds'], $to['seconds'], ($x - $from['at']) / ($to['at'] - $from['at']));
    }

    /**
     * The duration for each photo of a sequence.
     *
     * @return list<float>
     */
    public function column(int $photosTotal): array
    {
        if ($this->isConstant()) {
            return array_fill(0, $photosTotal, $this->keys[0]['seconds']);
        }
        $column = [];
        // Photos rise and so do keys: none is looked at twice.
        $k = 1;
        for ($n = 0; $n < $photosTotal; $n++) {
            $column[] = $this->from($n, $photosTotal, $k);
        }

        return $column;
    }
}
