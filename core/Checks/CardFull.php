<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Budget\SlotUse;
use Evrent\Core\Budget\Storage;
use Evrent\Core\Findings\FindingId;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Shot\FilmFacts;
use Evrent\Core\Shot\Shot;

/**
 * P3: the cards are full before the last photo.
 */
final class CardFull implements Check
{
    /** Cards come in such sizes, in gigabytes; so much of them is usable. */
    private const SIZES = [16, 32, 64, 128, 256, 512, 1_024, 2_048];
    private const USABLE_SHARE = 0.95;

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
            $two && $storage->slots === SlotUse::Overflow ? new Message('checks.card_full.both_full') : new Message('checks.card_full.full'),
            new Message('checks.card_full.shortfall', ['full' => $full]),
            new Message('checks.card_full.sentence', [
                'photos' => Quantity::photos($photos),
                'rawMegabytes' => Quantity::rounded($storage->rawMegabytes + $storage->jpegMegabytes, 1),
                'photos2' => Quantity::rounded($photos * ($storage->rawMegabytes + $storage->jpegMegabytes) / 1_000.0, 1),
                'photos3' => Quantity::photos($storage->photos()),
                'part' => match (true) {
                    !$two => new Message('checks.card_full.no_second'),
                    $storage->slots === SlotUse::Overflow => new Message(
                        'checks.card_full.second',
                        ['photosByCard' => $storage->photosByCard()[0] + 1],
                    ),
                    default => new Message('checks.card_full.smaller', ['slots' => $storage->slots->label()]),
                },
            ]),
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
            new Message('checks.card_full.full'),
            new Message('checks.card_full.video_shortfall', [
                'filmSeconds' => Quantity::duration($film->filmSeconds * $room / $film->gigabytes),
            ]),
            new Message('checks.card_full.video', [
                'filmSeconds' => Quantity::duration($film->filmSeconds),
                'gigabytes' => Quantity::rounded($film->gigabytes, 1),
                'room' => Quantity::rounded($room, 1),
            ]),
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

                return new Remedy(
                    'card',
                    new Message('checks.card_full.one', ['size' => $size]),
                    new Message('checks.card_full.usable', ['usable' => $usable]),
                    $shot->plan->with(['storage' => $mended]),
                );
            }
        }

        return null;
    }

    /**
     * @return ?array{string, Message, Message, Storage}
     */
    private static function larger(Storage $storage, int $photos): ?array
    {
        foreach (self::SIZES as $size) {
            $cards = array_map(
                static fn (float $gigabytes): float => max($gigabytes, round($size * self::USABLE_SHARE, 1)),
                $storage->cardsGigabytes,
            );
            $changed = new Storage($storage->rawMegabytes, $storage->jpegMegabytes, $cards, $storage->slots);
            if ($changed->photos() >= $photos) {
                return [
                    'card',
                    count($cards) > 1
                        ? new Message('checks.card_full.two', ['size' => $size])
                        : new Message('checks.card_full.one', ['size' => $size]),
                    new Message('checks.card_full.size_usable', ['size' => Quantity::rounded($size * self::USABLE_SHARE, 1)]),
                    $changed,
                ];
            }
        }

        return null;
    }

    /**
     * @return ?array{string, Message, Message, Storage}
     */
    private static function rawAlone(Storage $storage): ?array
    {
        return $storage->rawMegabytes > 0.0 && $storage->jpegMegabytes > 0.0
            ? [
                'raw',
                new Message('checks.card_full.raw'),
                new Message('checks.card_full.raw_keeps'),
                new Storage(
                    $storage->rawMegabytes,
                    0.0,
                    $storage->cardsGigabytes,
                    $storage->slots === SlotUse::Split ? SlotUse::Overflow : $storage->slots,
                ),
            ]
            : null;
    }

    /**
     * @return ?array{string, Message, Message, Storage}
     */
    private static function jpegAlone(Storage $storage): ?array
    {
        return $storage->rawMegabytes > 0.0 && $storage->jpegMegabytes > 0.0
            ? [
                'jpeg',
                new Message('checks.card_full.jpeg'),
                new Message('checks.card_full.jpeg_less'),
                new Storage(
                    0.0,
                    $storage->jpegMegabytes,
                    $storage->cardsGigabytes,
                    $storage->slots === SlotUse::Split ? SlotUse::Overflow : $storage->slots,
                ),
            ]
            : null;
    }

    /**
     * @return ?array{string, Message, Message, Storage}
     */
    private static function overflow(Storage $storage): ?array
    {
        return $storage->slots !== SlotUse::Overflow && count($storage->cardsGigabytes) > 1
            ? [
                'overflow',
                new Message('checks.card_full.overflow'),
                new Message('checks.card_full.no_copy'),
                new Storage($storage->rawMegabytes, $storage->jpegMegabytes, $storage->cardsGigabytes, SlotUse::Overflow),
            ]
            : null;
    }
}
