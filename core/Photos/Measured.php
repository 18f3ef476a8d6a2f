<?php

declare(strict_types=1);

namespace Evrent\Core\Photos;

use Evrent\Core\Findings\FindingId;
use Evrent\Core\Light\Flicker;
use Evrent\Core\Words\PlainText;

/**
 * How bright the photos of a shot came out, in stops over the middle one of them, and what of that is no trend.
 */
final readonly class Measured
{
    /** Of light: brighter than this a photo is white. */
    private const WHITE = 0.97;

    public ?Flicker $flicker;

    /**
     * @param array<int, float>  $stops  by number
     * @param list<int>          $blacks numbers of photos that show nothing
     * @param list<int>          $whites
     * @param list<int>          $missing
     */
    private function __construct(public array $stops, private array $blacks, private array $whites, private array $missing)
    {
        $this->flicker = Flicker::of(array_diff_key($stops, array_flip([...$blacks, ...$whites])));
    }

    /**
     * @param array<string, float> $lumas by file: 0 to 1, of light
     */
    public static function of(Matching $matching, array $lumas): self
    {
        $known = [];
        foreach ($matching->photos() as $number => $photo) {
            if ($photo !== null && isset($lumas[$photo->file])) {
                $known[$number] = $lumas[$photo->file];
            }
        }
        return new self(
            Stops::overMiddle($known),
            array_keys(array_filter($known, static fn (float $luma): bool => $luma <= Stops::BLACK)),
            array_keys(array_filter($known, static fn (float $luma): bool => $luma >= self::WHITE)),
            $matching->missing(),
        );
    }

    /**
     * @return list<array{what: string, first: int, last: int, count: int, says: string, failure?: string, mend: string}> what is seen in the clip,
     *                                                                                                             each with what can be done
     */
    public function findings(): array
    {
        $found = [];
        foreach (['black' => $this->blacks, 'white' => $this->whites] as $what => $numbers) {
            if ($numbers !== []) {
                $found[] = Differences::told($what, $numbers, sprintf(
                    '%s %s: %s.',
                    PlainText::photos(count($numbers)),
                    count($numbers) === 1 ? "is {$what}" : "are {$what}",
                    Differences::spans($numbers),
                ), FindingId::PhotosSpoilt, count($numbers) === 1 ? 'Leave it out, or hold a neighbour.' : 'Leave them out, or hold their neighbours.');
            }
        }
        if ($this->flicker === null || $this->flicker->stops <= Flicker::SEEN_STOPS && $this->flicker->jumps === []) {
            return $found;
        }
        $jumps = array_keys($this->flicker->jumps);
        $seen = $jumps === [] ? array_keys($this->stops) : $jumps;
        if ($this->flicker->stops > Flicker::SEEN_STOPS && $seen !== []) {
            $isOfTheCamera = $this->flicker->isOfTheCamera();
            $found[] = Differences::told('flicker', $seen, sprintf(
                'The clip flickers by %s stops%s.',
                PlainText::rounded($this->flicker->stops, 2),
                $isOfTheCamera ? ', to both sides in many photos: an aperture that never closes alike' : '',
            ), ...($isOfTheCamera
                ? [FindingId::ApertureFlicker, 'Deflicker it in the edit; next time fix the aperture.']
                : [FindingId::Flicker, 'Deflicker it in the edit.']));
        }
        if ($jumps !== [] && !$this->flicker->isOfTheCamera()) {
            $found[] = Differences::told('jump', $jumps, sprintf(
                '%s %s out: %s. A lamp, a cloud or a setting that changed.',
                PlainText::photos(count($jumps)),
                count($jumps) === 1 ? 'stands' : 'stand',
                Differences::spans($jumps),
            ), FindingId::PhotosSpoilt, 'Take them out, or bring them level in the edit.');
        }

        return $found;
    }

    /**
     * @return array<int, float> stops without what is no trend, by number
     */
    public function trend(): array
    {
        $trend = [];
        foreach ($this->flicker->rest ?? [] as $number => $rest) {
            $trend[$number] = $this->stops[$number] - $rest;
        }

        return $trend;
    }

    /**
     * Photos that spoil the clip. Where the camera itself flickers none stands out of the others, and all are brought level in the edit.
     *
     * @return list<int> numbers, rising
     */
    public function spoilt(): array
    {
        $jumps = $this->flicker === null || $this->flicker->isOfTheCamera() ? [] : array_keys($this->flicker->jumps);
        $spoilt = array_values(array_unique([...$this->missing, ...$this->blacks, ...$this->whites, ...$jumps]));
        sort($spoilt);

        return $spoilt;
    }
}
