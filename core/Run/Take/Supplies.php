<?php

declare(strict_types=1);

namespace Evrent\Core\Run\Take;

use Evrent\Core\Messages\Message;

/**
 * What runs down while a take runs, and how far it will reach at the rate seen so far: not the planned one.
 */
final class Supplies
{
    public const RIG_BATTERY = 'rig_battery';
    public const CAMERA_BATTERY = 'camera_battery';
    public const CARD = 'card';

    /** Fewer photos say nothing of a rate. */
    private const LEAST_PHOTOS = 10;

    /** @var array<string, array{first: array{int, float}, last: array{int, float}}> photo and what was left, by what */
    private array $seen = [];

    /**
     * @param array<string, mixed> $left what is left of each: per cent, photos
     */
    public function see(int $photo, array $left): void
    {
        foreach ([self::RIG_BATTERY, self::CAMERA_BATTERY, self::CARD] as $what) {
            $value = $left[$what] ?? null;
            if (!is_int($value) && !is_float($value)) {
                continue;
            }
            $before = $this->seen[$what] ?? null;
            // What was filled up or changed begins anew.
            $isAnew = $before === null || $value > $before['last'][1] + 1e-9;
            $this->seen[$what] = ['first' => $isAnew ? [$photo, (float) $value] : $before['first'], 'last' => [$photo, (float) $value]];
        }
    }

    /** @return array<string, float> what was left when it was last looked at, by what */
    public function left(): array
    {
        return array_map(static fn (array $seen): float => $seen['last'][1], $this->seen);
    }

    /**
     * What a photo takes of it, in what it is counted in; null while that cannot be said, or it does not run down.
     *
     * @param float $least that is gone: it is told in whole numbers, and of few a rate is rough
     */
    public function perPhoto(string $what, float $least = 0.0): ?float
    {
        $seen = $this->seen[$what] ?? null;
        if ($seen === null) {
            return null;
        }
        [[$fromPhoto, $from], [$photo, $left]] = [$seen['first'], $seen['last']];

        return $photo - $fromPhoto < self::LEAST_PHOTOS || $left >= $from || $from - $left < $least ? null : ($from - $left) / ($photo - $fromPhoto);
    }

    /** After which photo it is gone, as things go; null while that cannot be said, or it does not run down. */
    public function lastPhoto(string $what): ?int
    {
        $seen = $this->seen[$what] ?? null;
        if ($seen === null) {
            return null;
        }
        [$photo, $left] = $seen['last'];
        if ($left <= 0.0) {
            return $photo;
        }
        $perPhoto = $this->perPhoto($what);

        return $perPhoto === null ? null : $photo + (int) floor($left / $perPhoto);
    }

    /**
     * What will not last.
     *
     * @return array<string, Message> sentences, by what
     */
    public function short(int $photos): array
    {
        $short = [];
        foreach (array_keys($this->seen) as $what) {
            $last = $this->lastPhoto($what);
            if ($last !== null && $last < $photos) {
                $short[$what] = new Message("takes.alarm.{$what}_short", ['last' => $last, 'photos' => $photos]);
            }
        }

        return $short;
    }
}
