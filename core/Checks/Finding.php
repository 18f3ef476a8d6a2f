<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Closure;
use Evrent\Core\Findings\FindingId;
use Evrent\Core\Findings\Severity;
use Evrent\Core\Messages\Text;
use Throwable;

/**
 * Something that will go wrong, where, by how much, and what mends it. Finding it is cheap; what mends it is tried on whole schedules,
 * and worked out when it is asked for.
 */
final class Finding
{
    /** @var ?list<Remedy> */
    private ?array $remedies = null;

    private ?Throwable $failure = null;

    public readonly Severity $severity;

    /**
     * @param Text                    $title      what is wrong, in a few words
     * @param Text|string             $shortfall  by how much: the headline number with its unit
     * @param Text|string             $sentence   one sentence that a shooter understands
     * @param ?int                    $firstPhoto number of the first photo it touches; null when it is about the whole clip
     * @param int                     $photoCount how many photos it touches
     * @param ?Closure(): list<Remedy> $mending    works out the remedies, the likeliest first; null where no change of the plan mends it
     * @param list<self>               $alike      what else comes of the same cause
     * @param ?Text                    $advice     what to do about it now, or the next time, where it is about what happened
     * @param list<array{int, int}>    $spans      numbers of the photos concerned, first and last of each run of them
     * @param ?Severity                $severity   null for its id's
     */
    public function __construct(
        public readonly FindingId $id,
        public readonly Text $title,
        public readonly Text|string $shortfall,
        public readonly Text|string $sentence,
        public readonly ?int $firstPhoto,
        public readonly int $photoCount,
        private readonly ?Closure $mending = null,
        public readonly array $alike = [],
        public readonly ?Text $advice = null,
        public readonly array $spans = [],
        ?Severity $severity = null,
    ) {
        $this->severity = $severity ?? $id->severity();
    }

    /**
     * About what happened to photos of a take or on a card.
     *
     * @param list<array{int, int}> $spans
     */
    public static function ofPhotos(FindingId $id, Text $title, Text|string $sentence, ?Text $advice, array $spans = []): self
    {
        $count = array_sum(array_map(static fn (array $span): int => $span[1] - $span[0] + 1, $spans));

        return new self($id, $title, '', $sentence, $spans[0][0] ?? null, $count, advice: $advice, spans: $spans);
    }

    /**
     * The same with what else comes of the same cause.
     *
     * @param list<self> $alike
     */
    public function with(array $alike): self
    {
        return $this->having($this->mending, $alike);
    }

    /** The same, milder or graver than usual. */
    public function withSeverity(Severity $severity): self
    {
        return $this->having($this->mending, $this->alike, severity: $severity);
    }

    /**
     * The same with remedies that were tried.
     *
     * @param callable(list<Remedy>): list<Remedy> $try
     */
    public function tried(callable $try): self
    {
        $mending = $this->mending;

        return $mending === null ? $this : $this->having(static fn (): array => $try($mending()), $this->alike);
    }

    /**
     * @return list<Remedy> the likeliest first; none where they could not be worked out
     */
    public function remedies(): array
    {
        if ($this->remedies === null) {
            try {
                $this->remedies = $this->mending === null ? [] : ($this->mending)();
            } catch (Throwable $failure) {
                // What was found stands without them.
                $this->failure = $failure;
                $this->remedies = [];
            }
        }

        return $this->remedies;
    }

    /** Why the remedies could not be worked out: a defect, for whoever keeps the program. Null as long as nobody asked for them. */
    public function failure(): ?Throwable
    {
        return $this->failure;
    }

    public function remedy(string $key): ?Remedy
    {
        foreach ($this->remedies() as $remedy) {
            if ($remedy->key === $key) {
                return $remedy;
            }
        }

        return null;
    }

    /**
     * @param ?Closure(): list<Remedy> $mending
     * @param list<self>               $alike
     */
    private function having(?Closure $mending, array $alike, ?Severity $severity = null): self
    {
        return new self(
            $this->id,
            $this->title,
            $this->shortfall,
            $this->sentence,
            $this->firstPhoto,
            $this->photoCount,
            $mending,
            $alike,
            $this->advice,
            $this->spans,
            $severity ?? $this->severity,
        );
    }
}
