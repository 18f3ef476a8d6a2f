<?php

declare(strict_types=1);

namespace Evrent\Core\Day;

use Evrent\Core\Kit\KitKind;
use Evrent\Core\Messages\Message;
use Evrent\Core\Sky\Instant;
use Evrent\Core\Values\Problems;

/**
 * One shot in the day: from the first leg set down to the last case closed.
 */
final readonly class Stay
{
    private const MOST_MINUTES = 720;
    private const SECONDS_PER_MINUTE = 60.0;

    public ?Instant $arrives;
    public ?Instant $leaves;

    /**
     * @param int     $id     of the shot
     * @param ?string $rig    by its name in the kit; null when none was picked
     * @param ?string $body   likewise
     * @param bool    $needsRig      false for a camera on legs alone
     * @param bool    $needsSomebody whether it runs only with somebody beside it
     *
     * @throws \Evrent\Core\Values\InvalidInput
     */
    private function __construct(
        public int $id,
        public string $title,
        public ?Instant $begins,
        public ?Instant $ends,
        public int $setupMinutes,
        public int $teardownMinutes,
        public ?string $rig,
        public ?string $body,
        public bool $needsRig = true,
        public bool $needsSomebody = false,
    ) {
        $problems = new Problems();
        $problems->unlessBetween($setupMinutes, 0, self::MOST_MINUTES, '/setup_minutes', new Message('what.minutes'));
        $problems->unlessBetween($teardownMinutes, 0, self::MOST_MINUTES, '/teardown_minutes', new Message('what.minutes'));
        $problems->throwIfAny();
        $this->arrives = $begins?->plusSeconds(-$setupMinutes * self::SECONDS_PER_MINUTE);
        $this->leaves = $ends?->plusSeconds($teardownMinutes * self::SECONDS_PER_MINUTE);
    }

    /**
     * When somebody's hands are taken up.
     *
     * @return list<array{?Instant, ?Instant}> from and until
     */
    public function handsOn(): array
    {
        return $this->needsSomebody
            ? [[$this->arrives, $this->leaves]]
            : [[$this->arrives, $this->begins], [$this->ends, $this->leaves]];
    }

    /**
     * @throws \Evrent\Core\Values\InvalidInput
     */
    public static function of(int $id, ShotFigures $shot, int $setupMinutes, int $teardownMinutes): self
    {
        return new self(
            $id,
            $shot->title,
            $shot->begins,
            $shot->ends,
            $setupMinutes,
            $teardownMinutes,
            $shot->picked(KitKind::Rig),
            $shot->picked(KitKind::Body),
            $shot->needsRig,
            $shot->needsSomebody,
        );
    }
}
