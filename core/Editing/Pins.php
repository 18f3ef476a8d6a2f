<?php

declare(strict_types=1);

namespace Evrent\Core\Editing;

/**
 * What the shooter asked for of photos, interval and shooting time: two are pinned, the third follows. Kept apart from what comes of
 * it, so that 40 min stays 40 min however often the plan below it is rounded. A pinned interval stands in the plan itself, exact.
 */
final readonly class Pins
{
    /**
     * @param Figure $follows         the one of the three that is worked out from the other two
     * @param ?int   $photos          all photos asked for; null when the plan's own number is as good as any
     * @param ?float $clipSeconds     the clip asked for, in the place of photos
     * @param ?float $shootingSeconds the time asked for; null when the plan's own is meant
     */
    public function __construct(
        public Figure $follows = Figure::Shooting,
        public ?int $photos = null,
        public ?float $clipSeconds = null,
        public ?float $shootingSeconds = null,
    ) {
    }

    /**
     * @return array{follows: string, photos: ?int, clip_s: ?float, shooting_s: ?float}
     */
    public function toArray(): array
    {
        return ['follows' => $this->follows->value, 'photos' => $this->photos, 'clip_s' => $this->clipSeconds, 'shooting_s' => $this->shootingSeconds];
    }

    /**
     * @param array<array-key, mixed> $kept as toArray wrote it; what cannot be read is nothing asked for
     */
    public static function fromArray(array $kept): self
    {
        $follows = $kept['follows'] ?? null;
        $photos = $kept['photos'] ?? null;
        $seconds = static fn (mixed $value): ?float => is_int($value) || is_float($value) ? (float) $value : null;

        return new self(
            (is_string($follows) ? Figure::tryFrom($follows) : null) ?? Figure::Shooting,
            is_int($photos) ? $photos : null,
            $seconds($kept['clip_s'] ?? null),
            $seconds($kept['shooting_s'] ?? null),
        );
    }

    public function equals(self $other): bool
    {
        return $this->toArray() === $other->toArray();
    }

    public function asksForPhotos(): bool
    {
        return $this->photos !== null || $this->clipSeconds !== null;
    }

    public function withPhotos(?int $photos): self
    {
        return new self($this->follows, $photos, null, $this->shootingSeconds);
    }

    public function withClip(?float $seconds): self
    {
        return new self($this->follows, null, $seconds, $this->shootingSeconds);
    }

    public function withShooting(?float $seconds): self
    {
        return new self($this->follows, $this->photos, $this->clipSeconds, $seconds);
    }

    /** What follows is not asked for any more. */
    public function following(Figure $figure): self
    {
        return new self(
            $figure,
            $figure === Figure::Photos ? null : $this->photos,
            $figure === Figure::Photos ? null : $this->clipSeconds,
            $figure === Figure::Shooting ? null : $this->shootingSeconds,
        );
    }

    /**
     * Which figure follows once these are given: never one of them, the one that followed where it may go on, and else the shooting time
     * stays, unless nothing but it is left.
     *
     * @param list<Figure> $given one or two
     */
    public function followsAfter(array $given): Figure
    {
        if (!in_array($this->follows, $given, true)) {
            return $this->follows;
        }
        $order = $this->follows === Figure::Interval ? [Figure::Shooting, Figure::Photos] : [Figure::Interval, Figure::Shooting, Figure::Photos];

        return array_values(array_filter($order, static fn (Figure $figure): bool => !in_array($figure, $given, true)))[0] ?? $this->follows;
    }
}
