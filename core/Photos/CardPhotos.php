<?php

declare(strict_types=1);

namespace Evrent\Core\Photos;

use DateTimeImmutable;
use DateTimeZone;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Text;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;
use Evrent\Core\Words\FileName;
use Generator;

/**
 * Photos from what `exiftool -json -n` tells of their files, in their true order.
 */
final readonly class CardPhotos
{
    private const HALF_A_SECOND = 0.5;

    /** From UTC, as far as there are zones: what says more says nothing. */
    private const OFFSET = '(?:Z|[+-](?:0\d|1[0-4]):?[0-5]\d)';

    /** As numbers (Exif 2.3, tag 41987). */
    private const WHITE_BALANCES = ['0' => 'auto', '1' => 'manual'];

    /**
     * @param PhotoList                               $photos  in their true order; of a raw file and the JPEG beside it, the JPEG
     * @param list<array{file: string, why: Text|string}> $skipped files that are no photo, or of which nothing can be told
     */
    private function __construct(public PhotoList $photos, public array $skipped)
    {
    }

    /**
     * @param string $json a list of objects, one for each file
     * @param string $zone of the shoot: for times that do not say how far they are from UTC
     *
     * @throws InvalidInput
     */
    public static function fromExifTool(string $json, string $zone = 'UTC'): self
    {
        return self::fromObjects(ExifObjects::in($json), $zone);
    }

    /**
     * As it is kept while it is read: a JSON list in each line.
     *
     * @throws InvalidInput
     */
    public static function fromLists(string $text, string $zone = 'UTC'): self
    {
        return self::fromObjects((static function () use ($text): Generator {
            foreach (explode("\n", $text) as $line) {
                if (trim($line) !== '') {
                    yield from ExifObjects::in($line);
                }
            }
        })(), $zone);
    }

    /**
     * @param iterable<mixed> $files one after another
     *
     * @throws InvalidInput
     */
    private static function fromObjects(iterable $files, string $zone): self
    {
        $zone = new DateTimeZone($zone);
        $skipped = $seen = [];
        $photos = (static function () use ($files, $zone, &$skipped, &$seen): Generator {
            $i = 0;
            foreach ($files as $tags) {
                $file = is_array($tags) ? self::text($tags, 'SourceFile') ?? self::text($tags, 'FileName') : null;
                if (!is_array($tags) || $file === null) {
                    throw new InvalidInput([new Problem("/{$i}/SourceFile", new Message('photos.card_photos.source'))]);
                }
                $i++;
                // Told apart by a hash: names of thousands are long.
                $key = hash('xxh64', $file, true);
                $why = isset($seen[$key]) ? new Message('photos.card_photos.twice') : (FileName::isPlain($file) ? self::whyNot($tags) : FileName::whyNot());
                $seen[$key] = true;
                if ($why === null) {
                    yield self::photo($file, $tags, $zone);
                } else {
                    $skipped[] = ['file' => FileName::shown($file), 'why' => $why];
                }
            }
        })();
        $all = PhotoList::of($photos);
        $seen = [];

        return new self(TrueOrder::of($all->picked(self::pairedUp($all))), $skipped);
    }

    /** @param string $file path, as it was given */
    public function named(string $file): ?CardPhoto
    {
        foreach ($this->photos as $photo) {
            if ($photo->file === $file) {
                return $photo;
            }
        }

        return null;
    }

    /** Whether any time was taken from the file itself, because the photo has none. */
    public function hasFileTimes(): bool
    {
        foreach ($this->photos as $photo) {
            if ($photo->timeFrom !== TimeFrom::Exif) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param array<array-key, mixed> $tags
     */
    private static function whyNot(array $tags): ?Message
    {
        $type = self::text($tags, 'MIMEType');
        $error = self::text($tags, 'Error');
        $warning = self::text($tags, 'Warning') ?? '';
        // Of one whose end alone is lost, all that it says of itself is there.
        $isBroken = preg_match('/format error|truncated|corrupt/i', $warning) === 1 && !isset($tags['DateTimeOriginal']) && !isset($tags['CreateDate']);

        return match (true) {
            $error !== null => new Message('photos.card_photos.tool_says', ['error' => $error]),
            $isBroken => new Message('photos.card_photos.broken', ['warning' => $warning]),
            $type !== null && !str_starts_with($type, 'image/') => new Message('photos.card_photos.no_photo', ['type' => $type]),
            default => null,
        };
    }

    /**
     * @param array<array-key, mixed> $tags
     */
    private static function photo(string $file, array $tags, DateTimeZone $zone): CardPhoto
    {
        [$seconds, $isExact, $from] = self::time($tags, $zone);
        preg_match('~(?:^|/)(\d{3})[^/]*/[^/]*$~', $file, $folder);
        preg_match('~(\d{1,8})[^\d/]*\.[^./]*$~', $file, $number);

        return new CardPhoto(
            $file,
            $seconds,
            $isExact,
            $from,
            isset($folder[1]) ? (int) $folder[1] : null,
            isset($number[1]) ? (int) $number[1] : null,
            self::text($tags, 'SerialNumber') ?? self::text($tags, 'InternalSerialNumber') ?? self::text($tags, 'Model'),
            self::number($tags, 'ExposureTime'),
            self::number($tags, 'FNumber'),
            self::number($tags, 'ISO'),
            self::number($tags, 'FocalLength'),
            self::WHITE_BALANCES[self::text($tags, 'WhiteBalance') ?? ''] ?? self::text($tags, 'WhiteBalance'),
            self::text($tags, 'FocusMode'),
        );
    }

    /**
     * @param array<array-key, mixed> $tags
     *
     * @return array{?float, bool, TimeFrom}
     */
    private static function time(array $tags, DateTimeZone $zone): array
    {
        foreach (['DateTimeOriginal' => 'Original', 'CreateDate' => 'Digitized'] as $tag => $end) {
            $at = self::clock(self::text($tags, $tag), self::text($tags, "OffsetTime{$end}") ?? self::text($tags, 'OffsetTime'), $zone);
            if ($at === null) {
                continue;
            }
            $part = self::text($tags, "SubSecTime{$end}") ?? self::text($tags, 'SubSecTime');
            $isExact = $part !== null && preg_match('/^\d+$/D', trim($part)) === 1;

            // A clock of whole seconds cuts them off: half of one on the average.
            return [$at + ($isExact ? (float) ('0.' . trim($part)) : self::HALF_A_SECOND), $isExact, TimeFrom::Exif];
        }
        $at = self::clock(self::text($tags, 'FileModifyDate'), null, $zone);

        return $at === null ? [null, false, TimeFrom::None] : [$at + self::HALF_A_SECOND, false, TimeFrom::File];
    }

    /** Such as "2027:03:23 19:01:07", with "+01:00" behind it or beside it. */
    private static function clock(?string $text, ?string $offset, DateTimeZone $zone): ?float
    {
        $isTime = preg_match('/^(\d{4}):(\d\d):(\d\d) (\d\d:\d\d:\d\d)(?:\.\d+)?\s*(' . self::OFFSET . ')?$/D', trim($text ?? ''), $part) === 1;
        if (!$isTime || $part[1] === '0000') {
            return null;
        }
        $beside = trim($offset ?? '');
        $offset = ($part[5] ?? '') !== '' ? $part[5] : (preg_match('/^' . self::OFFSET . '$/D', $beside) === 1 ? $beside : null);
        $at = DateTimeImmutable::createFromFormat('!Y-m-d H:i:s', "{$part[1]}-{$part[2]}-{$part[3]} {$part[4]}", $offset === null || $offset === 'Z'
            ? ($offset === 'Z' ? new DateTimeZone('UTC') : $zone)
            : new DateTimeZone($offset));

        return $at === false ? null : (float) $at->getTimestamp();
    }

    /**
     * A raw file and the JPEG beside it are one photo.
     *
     * @return list<int> places of those that stay
     */
    private static function pairedUp(PhotoList $photos): array
    {
        $byStem = [];
        foreach ($photos as $i => $photo) {
            $key = hash('xxh64', $photo->stem() . "\0" . ($photo->unixSeconds === null ? '' : (string) floor($photo->unixSeconds)), true);
            if (!isset($byStem[$key]) || $photo->isJpeg() && !$photos->at($byStem[$key])->isJpeg()) {
                $byStem[$key] = $i;
            }
        }

        return array_values($byStem);
    }

    /**
     * @param array<array-key, mixed> $tags
     */
    private static function text(array $tags, string $name): ?string
    {
        $value = $tags[$name] ?? null;

        return is_string($value) && trim($value) !== '' ? $value : (is_int($value) || is_float($value) ? (string) $value : null);
    }

    /**
     * @param array<array-key, mixed> $tags
     */
    private static function number(array $tags, string $name): ?float
    {
        $value = $tags[$name] ?? null;

        return is_int($value) || is_float($value) || is_string($value) && is_numeric($value) ? (float) $value : null;
    }
}
