<?php

declare(strict_types=1);

namespace Evrent\Core\Run\Take;

/**
 * What the photos of a take say of themselves once they were read from the card: it rules over what the camera said during the take.
 */
final readonly class ReadBack
{
    /**
     * @param array<int, ?string>                           $files by number; null where a photo is not on the card
     * @param array<int, array{stops: float, wrong: bool}> $off   by how much each is exposed otherwise than planned, and whether that is too much
     */
    public function __construct(private array $files = [], private array $off = [])
    {
    }

    /**
     * @param array<string, mixed> $match evrent.match/1
     */
    public static function ofMatch(array $match): self
    {
        $files = $off = [];
        foreach (is_array($match['photos'] ?? null) ? $match['photos'] : [] as $number => $file) {
            $files[(int) $number] = is_string($file) ? $file : null;
        }
        foreach (is_array($match['exposure_off_stops'] ?? null) ? $match['exposure_off_stops'] : [] as $number => $one) {
            $stops = is_array($one) ? $one['stops'] ?? null : null;
            if (is_float($stops) || is_int($stops)) {
                $off[(int) $number] = ['stops' => (float) $stops, 'wrong' => ($one['wrong'] ?? false) === true];
            }
        }

        return new self($files, $off);
    }

    /** @return ?float stops, above zero for brighter; null where its file does not say */
    public function offStops(int $photo): ?float
    {
        return $this->off[$photo]['stops'] ?? null;
    }

    /** What becomes of a photo of which the log says something. */
    public function settle(int $photo, PhotoState $said): PhotoState
    {
        $isThere = isset($this->files[$photo]);
        $settled = match (true) {
            $isThere && in_array($said, [PhotoState::Uncertain, PhotoState::Triggered, PhotoState::Missing], true) => PhotoState::Good,
            // Between two that are on the card, one that is not was not taken; of a part of a card nothing can be said.
            !$isThere && $said === PhotoState::Uncertain && isset($this->files[$photo - 1], $this->files[$photo + 1]) => PhotoState::Missing,
            default => $said,
        };

        return match (true) {
            !isset($this->off[$photo]) => $settled,
            $this->off[$photo]['wrong'] && $settled->isWhole() => PhotoState::WrongExposure,
            !$this->off[$photo]['wrong'] && $settled === PhotoState::WrongExposure => PhotoState::Good,
            default => $settled,
        };
    }
}
