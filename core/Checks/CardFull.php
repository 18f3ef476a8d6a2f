<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Budget\SlotUse;
use Evrent\Core\Budget\Storage;
use Evrent\Core\Findings\FindingId;
use Evrent\Core\Shot\FilmFacts;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Words\PlainText;

/**
 * P3: the cards are full before the last photo.
 */
final class CardFull implements Check
{
    /** Cards come in such sizes, in gigabytes; so much of them is usable. */
    private const SIZES = [16, 32, 64, 128, 256, 512, 1_024, 2_048];
    private const USABLE_SHARE = 0.95;

    public static function about(): About
    {
        return new About(
            [Stage::Pack],
            ['/storage/raw_mb', '/storage/jpeg_mb', '/storage/cards_gb', '/storage/slots', '/trigger/camera_photos', '/film/gb_per_min', '/film/kind'],
            unmended: 'Pack more or larger cards.',
        );
    }

    public function find(Shot $shot): ?Finding
    {
        $storage = $shot->plan->storage;
        $photos = $shot->plan->photosProgrammed();
        $film = FilmFacts::of($shot->schedule);
        if ($film !== null) {
            return $storage === null ? null : self::ofVideo($shot, $storage, $film);
        }
        if ($storage === null || $storage->photos() >= $photos) {
            return null;
        }
        $full = $storage->photos() + 1;
        $two = count($storage->cardsGigabytes) > 1;

        return new Finding(
            FindingId::CardFull,
            Severity::Stops,
            $two && $storage->slots === SlotUse::Overflow ? 'Both cards are full' : 'The card is full',
            'at photo ' . $full,
            sprintf(
                '%s of %s MB each need %s GB; there is room for %s.%s',
                PlainText::photos($photos),
                PlainText::rounded($storage->rawMegabytes + $storage->jpegMegabytes, 1),
                PlainText::rounded($photos * ($storage->rawMegabytes + $storage->jpegMegabytes) / 1_000.0, 1),
                PlainText::photos($storage->photos()),
                match (true) {
                    !$two => ' No second card takes over.',
                    $storage->slots === SlotUse::Overflow => sprintf(' The second takes over at photo %d.', $storage->photosByCard()[0] + 1),
                    default => " With {$storage->slots->label()}, the smaller ends it.",
                },
            ),
            $full,
            $photos - $full + 1,
            static fn (): array => array_values(array_filter(array_map(
                static fn (?array $change): ?Remedy => $change === null || $change[3]->photos() < $photos
                    ? null
                    : new Remedy($change[0], $change[1], $change[2], $shot->plan->with(['storage' => $change[3]])),
                [self::larger($storage, $photos), self::rawAlone($storage), self::overflow($storage), self::jpegAlone($storage)],
            ))),
        );
    }

    /** Video fills a card by the minute; a film that the camera makes itself is one small file. */
    private static function ofVideo(Shot $shot, Storage $storage, FilmFacts $film): ?Finding
    {
        $room = $storage->gigabytes();
        if ($film->gigabytes === null || $film->gigabytes <= $room) {
            return null;
        }
        $photos = $shot->schedule->photosTotal();
        $first = (int) floor($photos * $room / $film->gigabytes) + 1;

        return new Finding(
            FindingId::CardFull,
            Severity::Stops,
            'The card is full',
            sprintf('after %s of video', PlainText::duration($film->filmSeconds * $room / $film->gigabytes)),
            sprintf(
                '%s of video come to %s GB; there is room for %s GB.',
                PlainText::duration($film->filmSeconds),
                PlainText::rounded($film->gigabytes, 1),
                PlainText::rounded($room, 1),
            ),
            min($first, $photos),
            max(1, $photos - $first + 1),
            static fn (): array => array_filter([self::largerForVideo($shot, $storage, $film->gigabytes)]),
        );
    }

    private static function largerForVideo(Shot $shot, Storage $storage, float $gigabytes): ?Remedy
    {
        foreach (self::SIZES as $size) {
            $usable = round($size * self::USABLE_SHARE, 1);
            if ($usable >= $gigabytes) {
                $cards = array_map(static fn (float $one): float => max($one, $usable), $storage->cardsGigabytes);
                $mended = new Storage($storage->rawMegabytes, $storage->jpegMegabytes, $cards, $storage->slots);

                return new Remedy('card', "Use a card of {$size} GB", "{$usable} GB of it usable", $shot->plan->with(['storage' => $mended]));
            }
        }

        return null;
    }

    /**
     * @return ?array{string, string, string, Storage}
     */
    private static function larger(Storage $storage, int $photos): ?array
    {
        foreach (self::SIZES as $size) {
            $cards = array_map(static fn (float $gigabytes): float => max($gigabytes, round($size * self::USABLE_SHARE, 1)), $storage->cardsGigabytes);
            $changed = new Storage($storage->rawMegabytes, $storage->jpegMegabytes, $cards, $storage->slots);
            if ($changed->photos() >= $photos) {
                return [
                    'card',
                    count($cards) > 1 ? "Use two cards of {$size} GB" : "Use a card of {$size} GB",
                    sprintf('%s GB of it usable', PlainText::rounded($size * self::USABLE_SHARE, 1)),
                    $changed,
                ];
            }
        }

        return null;
    }

    /**
     * @return ?array{string, string, string, Storage}
     */
    private static function rawAlone(Storage $storage): ?array
    {
        return $storage->rawMegabytes > 0.0 && $storage->jpegMegabytes > 0.0
            ? [
                'raw',
                'Write raw files alone',
                'all there is to grade stays',
                new Storage($storage->rawMegabytes, 0.0, $storage->cardsGigabytes, $storage->slots === SlotUse::Split ? SlotUse::Overflow : $storage->slots),
            ]
            : null;
    }

    /**
     * @return ?array{string, string, string, Storage}
     */
    private static function jpegAlone(Storage $storage): ?array
    {
        return $storage->rawMegabytes > 0.0 && $storage->jpegMegabytes > 0.0
            ? [
                'jpeg',
                'Write large JPEGs alone',
                'less room for grading',
                new Storage(0.0, $storage->jpegMegabytes, $storage->cardsGigabytes, $storage->slots === SlotUse::Split ? SlotUse::Overflow : $storage->slots),
            ]
            : null;
    }

    /**
     * @return ?array{string, string, string, Storage}
     */
    private static function overflow(Storage $storage): ?array
    {
        return $storage->slots !== SlotUse::Overflow && count($storage->cardsGigabytes) > 1
            ? [
                'overflow',
                'Let the second card take over',
                'no copy is made while shooting',
                new Storage($storage->rawMegabytes, $storage->jpegMegabytes, $storage->cardsGigabytes, SlotUse::Overflow),
            ]
            : null;
    }
}
