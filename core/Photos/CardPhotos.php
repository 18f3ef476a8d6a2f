<?php

declare(strict_types=1);

namespace Evrent\Core\Photos;

use DateTimeImmutable;
use DateTimeZone;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;
use JsonException;

/**
 * Photos from what `exiftool -json -n` tells of their files, in their true order.
 */
final readonly class CardPhotos
{
    private const HALF_A_SECOND = 0.5;

    /**
     * @param list<CardPhoto>                         $photos  in their true order; of a raw file and the JPEG beside it, the JPEG
     * @param list<array{file: string, why: string}> $skipped files that are no photo, or of which nothing can be told
     */
    private function __construct(public array $photos, public array $skipped)
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
        try {
            $files = json_decode($json, true, 16, JSON_THROW_ON_ERROR);
        } catch (JsonException $broken) {
            throw new InvalidInput([new Problem('', "This is not JSON: {$broken->getMessage()}. Give what exiftool -json -n writes.")]);
        }
        if (!is_array($files) || !array_is_list($files)) {
            throw new InvalidInput([new Problem('', 'This must be a list in brackets, one object for each file: give what exiftool -json -n writes.')]);
        }
        $zone = new DateTimeZone($zone);
        $photos = $skipped = $seen = [];
        foreach ($files as $i => $tags) {
            $file = is_array($tags) ? self::text($tags, 'SourceFile') ?? self::text($tags, 'FileName') : null;
            if (!is_array($tags) || $file === null) {
                throw new InvalidInput([new Problem("/{$i}/SourceFile", 'Each file has a SourceFile: give what exiftool -json -n writes.')]);
            }
            $why = isset($seen[$file]) ? 'it is listed twice' : self::whyNot($tags);
            $seen[$file] = true;
            if ($why === null) {
                $photos[] = self::photo($file, $tags, $zone);
            } else {
                $skipped[] = ['file' => $file, 'why' => $why];
            }
        }

        return new self(TrueOrder::of(self::pairedUp($photos)), $skipped);
    }

    /**
     * As it is kept while it is read: a JSON list in each line.
     *
     * @throws InvalidInput
     */
    public static function fromLists(string $text, string $zone = 'UTC'): self
    {
        $inner = array_map(static fn (string $line): string => trim(trim($line), '[]'), explode("\n", $text));

        return self::fromExifTool('[' . implode(',', array_filter($inner, static fn (string $list): bool => $list !== '')) . ']', $zone);
    }

    /** Whether all of them show parts of a second. */
    public function areExact(): bool
    {
        return $this->photos !== [] && array_filter($this->photos, static fn (CardPhoto $photo): bool => !$photo->isExact) === [];
    }

    /** Whether any time was taken from the file itself, because the photo has none. */
    public function hasFileTimes(): bool
    {
        return array_filter($this->photos, static fn (CardPhoto $photo): bool => $photo->timeFrom !== TimeFrom::Exif) !== [];
    }

    /**
     * @param array<array-key, mixed> $tags
     */
    private static function whyNot(array $tags): ?string
    {
        $type = self::text($tags, 'MIMEType');
        $error = self::text($tags, 'Error');

        return match (true) {
            $error !== null => "exiftool says: {$error}",
            $type !== null && !str_starts_with($type, 'image/') => "it is {$type}, and no photo",
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
            self::text($tags, 'WhiteBalance'),
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
        $isTime = preg_match('/^(\d{4}):(\d\d):(\d\d) (\d\d:\d\d:\d\d)(?:\.\d+)?\s*(Z|[+-]\d\d:?\d\d)?$/D', trim($text ?? ''), $part) === 1;
        if (!$isTime || $part[1] === '0000') {
            return null;
        }
        $beside = trim($offset ?? '');
        $offset = ($part[5] ?? '') !== '' ? $part[5] : (preg_match('/^(?:Z|[+-]\d\d:?\d\d)$/D', $beside) === 1 ? $beside : null);
        $at = DateTimeImmutable::createFromFormat('!Y-m-d H:i:s', "{$part[1]}-{$part[2]}-{$part[3]} {$part[4]}", $offset === null || $offset === 'Z'
            ? ($offset === 'Z' ? new DateTimeZone('UTC') : $zone)
            : new DateTimeZone($offset));

        return $at === false ? null : (float) $at->getTimestamp();
    }

    /**
     * A raw file and the JPEG beside it are one photo.
     *
     * @param list<CardPhoto> $photos
     *
     * @return list<CardPhoto>
     */
    private static function pairedUp(array $photos): array
    {
        $byStem = [];
        foreach ($photos as $photo) {
            $key = $photo->stem() . "\0" . ($photo->unixSeconds === null ? '' : (string) floor($photo->unixSeconds));
            if (!isset($byStem[$key]) || $photo->isJpeg() && !$byStem[$key]->isJpeg()) {
                $byStem[$key] = $photo;
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
