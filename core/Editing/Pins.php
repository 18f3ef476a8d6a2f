<?php

declare(strict_types=1);

namespace Evrent\Core\Editing;

use Evrent\Core\Values\Copy;

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
     * @param ?HeldStep $step         from photo to photo, that way and photos have to agree with; null when none holds
     * @param bool   $isFastest       whether the interval is as short as rig and camera can, whatever they come to
     */
    public function __construct(
        public Figure $follows = Figure::Shooting,
        public ?int $photos = null,
        public ?float $clipSeconds = null,
        public ?float $shootingSeconds = null,
        public ?HeldStep $step = null,
        public bool $isFastest = false,
    ) {
    }

    /**
     * @return array{follows: string, photos: ?int, clip_s: ?float, shooting_s: ?float, step?: array{axis: string, step: float}, fastest?: true}
     */
    public function toArray(): array
    {
        return ['follows' => $this->follows->value, 'photos' => $this->photos, 'clip_s' => $this->clipSeconds, 'shooting_s' => $this->shootingSeconds]
            + ($this->step === null ? [] : ['step' => ['axis' => $this->step->axisId, 'step' => $this->step->step]])
            + ($this->isFastest ? ['fastest' => true] : []);
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
            self::keptStep($kept['step'] ?? null),
            ($kept['fastest'] ?? null) === true,
        );
    }

    private static function keptStep(mixed $kept): ?HeldStep
    {
        [$axisId, $step] = is_array($kept) ? [$kept['axis'] ?? null, $kept['step'] ?? null] : [null, null];

        return is_string($axisId) && (is_int($step) || is_float($step)) && $step > 0 ? new HeldStep($axisId, (float) $step) : null;
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
        return $this->with(['photos' => $photos, 'clipSeconds' => null]);
    }

    public function withClip(?float $seconds): self
    {
        return $this->with(['photos' => null, 'clipSeconds' => $seconds]);
    }

    public function withShooting(?float $seconds): self
    {
        return $this->with(['shootingSeconds' => $seconds]);
    }

    /** What follows is not asked for any more. */
    public function following(Figure $figure): self
    {
        return $this->with([
            'follows' => $figure,
            ...($figure === Figure::Photos ? ['photos' => null, 'clipSeconds' => null] : []),
            ...($figure === Figure::Shooting ? ['shootingSeconds' => null] : []),
            ...($figure === Figure::Interval ? ['isFastest' => false] : []),
        ]);
    }

    public function withStep(?HeldStep $step): self
    {
        return $this->with(['step' => $step]);
    }

    public function fastest(bool $isFastest): self
    {
        return $this->with(['isFastest' => $isFastest]);
    }

    /**
     * @param array{follows?: Figure, photos?: ?int, clipSeconds?: ?float, shootingSeconds?: ?float, step?: ?HeldStep, isFastest?: bool} $changes
     */
    private function with(array $changes): self
    {
        return Copy::of($this, get_object_vars($this), $changes);
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
