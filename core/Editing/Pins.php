<?php

declare(strict_types=1);

namespace Evrent\Core\Editing;

use Evrent\Core\Messages\Message;
use Evrent\Core\Values\Copy;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;

/**
 * What the shooter asked for of photos, interval and shooting time: two hold, the third follows. Kept apart from the figures worked out from
 * it, so that 40 min stays 40 min however often the plan below it is rounded. An interval that holds stands in the plan itself, exact.
 *
 * Where another has to follow, one that nobody typed does; of those typed the oldest; one that is pinned never.
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
     * @param list<Figure> $typed     those that somebody gave a value, the oldest first
     * @param list<Figure> $pinned      those that must not give way
     * @param ?ClosedEnd $closed        the shot as it was before something else than its photos ended it
     */
    public function __construct(
        public Figure $follows = Figure::Shooting,
        public ?int $photos = null,
        public ?float $clipSeconds = null,
        public ?float $shootingSeconds = null,
        public ?HeldStep $step = null,
        public bool $isFastest = false,
        public array $typed = [],
        public array $pinned = [],
        public ?ClosedEnd $closed = null,
    ) {
    }

    /**
     * @return array<string, mixed>
     */
    public function toArray(): array
    {
        return ['follows' => $this->follows->value, 'photos' => $this->photos, 'clip_s' => $this->clipSeconds, 'shooting_s' => $this->shootingSeconds]
            + ($this->step === null ? [] : ['step' => ['axis' => $this->step->axisId, 'step' => $this->step->step]])
            + ($this->isFastest ? ['fastest' => true] : [])
            + ['typed' => array_column($this->typed, 'value')]
            + ($this->pinned === [] ? [] : ['pinned' => array_column($this->pinned, 'value')])
            + ($this->closed === null ? [] : ['closed' => $this->closed->toArray()]);
    }

    /**
     * @param array<array-key, mixed> $kept as toArray wrote it; what cannot be read is nothing asked for
     */
    public static function fromArray(array $kept): self
    {
        $follows = $kept['follows'] ?? null;
        $photos = $kept['photos'] ?? null;
        $seconds = static fn (mixed $value): ?float => is_int($value) || is_float($value) ? (float) $value : null;

        $follows = (is_string($follows) ? Figure::tryFrom($follows) : null) ?? Figure::Shooting;
        $isAsked = [
            Figure::Photos->value => is_int($photos) || $seconds($kept['clip_s'] ?? null) !== null,
            Figure::Shooting->value => $seconds($kept['shooting_s'] ?? null) !== null,
        ];

        return new self(
            $follows,
            is_int($photos) ? $photos : null,
            $seconds($kept['clip_s'] ?? null),
            $seconds($kept['shooting_s'] ?? null),
            self::keptStep($kept['step'] ?? null),
            ($kept['fastest'] ?? null) === true,
            // Kept before it was noted what was typed: what was asked for was.
            self::keptFigures($kept['typed'] ?? array_keys(array_filter($isAsked)), [$follows]),
            self::keptFigures($kept['pinned'] ?? [], [$follows]),
            is_array($kept['closed'] ?? null) ? ClosedEnd::fromArray($kept['closed']) : null,
        );
    }

    /**
     * @param list<Figure> $without
     *
     * @return list<Figure>
     */
    private static function keptFigures(mixed $kept, array $without): array
    {
        $figures = array_map(static fn (mixed $one): ?Figure => is_string($one) ? Figure::tryFrom($one) : null, is_array($kept) ? $kept : []);

        return self::without(array_values(array_filter($figures)), $without);
    }

    /**
     * @param list<Figure> $figures
     * @param list<Figure> $gone
     *
     * @return list<Figure>
     */
    private static function without(array $figures, array $gone): array
    {
        return array_values(array_filter($figures, static fn (Figure $figure): bool => !in_array($figure, $gone, true)));
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

    /**
     * @return array<string, mixed> all that is asked for, in whatever order it was typed
     */
    public function asks(): array
    {
        return array_diff_key($this->toArray(), ['typed' => true]);
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
            'typed' => self::without($this->typed, [$figure]),
            'pinned' => self::without($this->pinned, [$figure]),
        ]);
    }

    /**
     * These were given a value now, in that order, and one that follows makes room for them.
     *
     * @param list<Figure> $given one or two
     *
     * @throws InvalidInput by the pointers /held/photos, /timing/interval_s and /held/shooting
     */
    public function given(array $given): self
    {
        $pins = $this->following($this->followsAfter($given));

        return $pins->with(['typed' => [...self::without($pins->typed, $given), ...$given]]);
    }

    /**
     * @throws InvalidInput by /held/pin where the other two are pinned
     */
    public function pinning(Figure $figure): self
    {
        $others = self::without(Figure::cases(), [$figure]);
        if (self::without($others, $this->pinned) === []) {
            throw new InvalidInput([new Problem('/held/pin', new Message('editing.pins.pinning', [
                'are' => self::named($others),
                'named' => $figure->named(),
            ]))]);
        }
        $pins = $this->follows === $figure ? $this->given([$figure]) : $this;

        return $pins->with(['pinned' => [...self::without($pins->pinned, [$figure]), $figure]]);
    }

    /** It is kept like any other that was typed. */
    public function unpinned(Figure $figure): self
    {
        return $this->with([
            'pinned' => self::without($this->pinned, [$figure]),
            'typed' => in_array($figure, $this->typed, true) ? $this->typed : [...$this->typed, $figure],
        ]);
    }

    /**
     * @return array<string, 'pinned'|'typed'|'free'|'follows'> by figure
     */
    public function held(): array
    {
        $held = [];
        foreach (Figure::cases() as $figure) {
            $held[$figure->value] = match (true) {
                $figure === $this->follows => 'follows',
                $this->isPinned($figure) => 'pinned',
                $this->isTyped($figure) => 'typed',
                default => 'free',
            };
        }

        return $held;
    }

    public function isPinned(Figure $figure): bool
    {
        return in_array($figure, $this->pinned, true);
    }

    public function isTyped(Figure $figure): bool
    {
        return in_array($figure, $this->typed, true);
    }

    public function withClosed(?ClosedEnd $closed): self
    {
        return $this->with(['closed' => $closed]);
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
     * @param array{follows?: Figure, photos?: ?int, clipSeconds?: ?float, shootingSeconds?: ?float, step?: ?HeldStep, isFastest?: bool,
     *     typed?: list<Figure>, pinned?: list<Figure>, closed?: ?ClosedEnd} $changes
     */
    private function with(array $changes): self
    {
        return Copy::of($this, get_object_vars($this), $changes);
    }

    /**
     * Which figure follows once these are given: never one of them and none that is pinned; the one that followed where it may go on; else one
     * that nobody typed, the interval first; else the one that was typed longest ago.
     *
     * @param list<Figure> $given one or two
     *
     * @throws InvalidInput where what is left is pinned
     */
    public function followsAfter(array $given): Figure
    {
        if (!in_array($this->follows, $given, true)) {
            return $this->follows;
        }
        $free = self::without([Figure::Interval, Figure::Shooting, Figure::Photos], [...$given, ...$this->pinned]);
        $untyped = self::without($free, $this->typed);
        $oldest = array_values(array_filter($this->typed, static fn (Figure $figure): bool => in_array($figure, $free, true)));

        return $untyped[0] ?? $oldest[0] ?? throw new InvalidInput(
            [new Problem($given[0]->pointer(), new Message('editing.pins.all_pinned', ['are' => self::named($this->pinned)]))],
        );
    }

    /**
     * @param list<Figure> $figures
     *
     * @return list<Message>
     */
    private static function named(array $figures): array
    {
        return array_map(static fn (Figure $one): Message => $one->named(), $figures);
    }
}
