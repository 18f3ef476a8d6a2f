<?php

declare(strict_types=1);

namespace Evrent\Devices\Photos;

use Evrent\Core\Messages\Failure;
use Evrent\Core\Messages\Message;
use Evrent\Core\Words\FileName;
use Evrent\Devices\Processes\Child;
use Evrent\Devices\Processes\ChildFailed;
use Evrent\Devices\Processes\ChildLimits;
use Evrent\Devices\Processes\OwnFolder;
use RuntimeException;

/**
 * What exiftool tells of photos: many in one run, of any make alike. It sees links under names of our own, and writes nothing.
 */
final class ExifTool
{
    private const TAGS = [
        'MIMEType', 'DateTimeOriginal', 'CreateDate', 'SubSecTimeOriginal', 'SubSecTimeDigitized', 'SubSecTime', 'OffsetTimeOriginal', 'OffsetTimeDigitized',
        'OffsetTime', 'FileModifyDate', 'ExposureTime', 'FNumber', 'ISO', 'FocalLength', 'WhiteBalance', 'FocusMode', 'SerialNumber', 'InternalSerialNumber',
        'Model', 'ImageWidth', 'ImageHeight', 'Warning', 'Error',
    ];
    private const SIDE_BY_SIDE = 2;
    /** So few are read by one: starting takes as long. */
    private const ALONE = 50;

    /** Seconds to start, and for each file: a card reader may be slow. */
    private const START_SECONDS = 10.0;
    private const FILE_SECONDS = 0.25;
    private const MEGABYTES = 1_024;
    private const MOST_THUMBNAIL_BYTES = 400_000_000;
    private const DEEPEST = 16;

    /** What a command ends with that cannot be started. */
    private const NOT_THERE = [126, 127];

    /** @var list<string> files that it could not be made to read */
    private array $left = [];

    /** @var array<array-key, true> files of which it told */
    private array $told = [];

    /** @param list<array{Child, OwnFolder, list<string>}> $children each with its files */
    private function __construct(private readonly string $folder, private array $children)
    {
    }

    /**
     * Begins to read, in two processes side by side: reading a thousand files is work for the processor, and not for the card.
     *
     * @param list<string> $files paths from the folder on
     *
     * @throws Failure when it cannot be run
     */
    public static function begin(string $folder, array $files): self
    {
        $children = [];
        foreach ($files === [] ? [] : array_chunk($files, max(self::ALONE, (int) ceil(count($files) / self::SIDE_BY_SIDE))) as $some) {
            $children[] = self::over($folder, $some, self::tags());
        }

        return new self($folder, $children);
    }

    /** What has come is taken in, so that nobody waits to be heard. */
    public function listen(): void
    {
        foreach ($this->children as [$child]) {
            try {
                $child->isRunning();
            } catch (ChildFailed) {
                // Told when it is asked for.
            }
        }
    }

    /**
     * @param list<string> $of files that are wanted of those that it read
     *
     * @return string JSON lists, a line each, of objects for the files that are still there and can be read
     *
     * @throws Failure when it cannot be run
     */
    public function told(array $of): string
    {
        $lines = '';
        $wanted = array_flip($of);
        while ($this->children !== []) {
            [$child, $own, $files] = array_shift($this->children);
            try {
                $objects = self::objects($child->wait(), $own);
            } catch (ChildFailed $failed) {
                $this->again($files, $failed);
                continue;
            }
            $objects = array_values(array_filter($objects, static fn (array $object): bool => isset($wanted[$object['SourceFile']])));
            $this->told += array_fill_keys(array_column($objects, 'SourceFile'), true);
            $lines .= json_encode($objects, JSON_THROW_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE) . "\n";
        }

        return $lines;
    }

    /**
     * @param list<string> $of files
     *
     * @return array<string, Message> why it told nothing of one, by path
     */
    public function left(array $of): array
    {
        $left = [];
        foreach ($of as $file) {
            if (!isset($this->told[$file])) {
                $left[$file] = in_array($file, $this->left, true) ? new Message('devices.photos.exif_failed') : new Message('devices.photos.unreadable');
            }
        }

        return $left;
    }

    /**
     * Small pictures that many files keep, in one run.
     *
     * @param list<string> $files paths from the folder on
     *
     * @return array<string, string> JPEG, by path; without those that keep none
     */
    public static function thumbnails(string $folder, array $files): array
    {
        $found = [];
        foreach (self::embedded($folder, $files, ['ThumbnailImage', 'PreviewImage']) as $file => $tags) {
            $text = $tags['ThumbnailImage'] ?? $tags['PreviewImage'] ?? null;
            $found += $text === null ? [] : [(string) $file => $text];
        }

        return $found;
    }

    /** A small picture that is kept in the file, as JPEG; null where there is none. */
    public static function thumbnail(string $path): ?string
    {
        foreach (['ThumbnailImage', 'PreviewImage', 'JpgFromRaw'] as $tag) {
            $jpeg = self::embedded(dirname($path), [basename($path)], [$tag])[basename($path)][$tag] ?? '';
            if (str_starts_with($jpeg, "\xff\xd8")) {
                return $jpeg;
            }
        }

        return null;
    }

    /**
     * @param list<string> $files paths from the folder on
     * @param list<string> $tags  of pictures
     *
     * @return array<array-key, array<string, string>> the pictures' bytes by tag, by path
     */
    private static function embedded(string $folder, array $files, array $tags): array
    {
        if ($files === []) {
            return [];
        }
        try {
            [$child, $own] = self::over($folder, $files, ['-b', ...array_map(static fn (string $tag): string => "-{$tag}", $tags)], self::MOST_THUMBNAIL_BYTES);
            $objects = self::objects($child->wait(), $own);
        } catch (RuntimeException) {
            return [];
        }
        $found = [];
        foreach ($objects as $object) {
            foreach ($tags as $tag) {
                $text = $object[$tag] ?? null;
                $bytes = is_string($text) && str_starts_with($text, 'base64:') ? base64_decode(substr($text, 7), true) : false;
                if ($bytes !== false) {
                    $found[$object['SourceFile']][$tag] = $bytes;
                }
            }
        }

        return $found;
    }

    /**
     * Of files over which it broke off, one is to blame: it is found by halves.
     *
     * @param list<string> $files
     */
    private function again(array $files, ChildFailed $failed): void
    {
        if (count($files) < 2) {
            $this->left = [...$this->left, ...$files];

            return;
        }
        foreach (array_chunk($files, max(1, intdiv(count($files) + 1, 2))) as $half) {
            $this->children[] = self::over($this->folder, $half, self::tags());
        }
    }

    /** @return list<string> */
    private static function tags(): array
    {
        return ['-n', ...array_map(static fn (string $tag): string => "-{$tag}", self::TAGS)];
    }

    /**
     * @param list<string> $files   paths from the folder on
     * @param list<string> $options what is asked of each
     *
     * @return array{Child, OwnFolder, list<string>}
     *
     * @throws Failure
     */
    private static function over(string $folder, array $files, array $options, int $mostBytes = 64_000_000): array
    {
        $own = new OwnFolder();
        $names = [];
        foreach ($files as $file) {
            if (FileName::isPlain($file)) {
                $names[] = $own->link($file, $folder);
            }
        }
        // No settings of whoever's home this is, and nothing behind the dashes is an option.
        $command = ['exiftool', '-config', '', '-json', '-q', '-fast2', '-charset', 'filename=UTF8', ...$options, '--', ...$names];
        $seconds = self::START_SECONDS + self::FILE_SECONDS * count($files);

        return [Child::start($command, new ChildLimits($seconds, self::MEGABYTES, (int) $seconds, false, $mostBytes), $own->path), $own, $files];
    }

    /**
     * @return list<non-empty-array<array-key, mixed>&array{SourceFile: string}> with the names that the files have
     *
     * @throws ChildFailed      when it broke off
     * @throws Failure when it cannot be run
     */
    private static function objects(Child $child, OwnFolder $own): array
    {
        if (in_array($child->exitCode(), self::NOT_THERE, true)) {
            throw new Failure(new Message('devices.photos.no_exiftool', ['errors' => mb_substr(trim($child->errors()), 0, 300)]));
        }
        $told = trim($child->output());
        if ($told === '' && $child->exitCode() > 1 || $child->wasKilled()) {
            throw new ChildFailed(new Message('devices.photos.exiftool_failed', ['errors' => mb_substr(trim($child->errors()), 0, 300)]));
        }
        $read = json_decode($told === '' ? '[]' : $told, true, self::DEEPEST, JSON_INVALID_UTF8_SUBSTITUTE | JSON_BIGINT_AS_STRING);
        if (!is_array($read)) {
            throw new ChildFailed(new Message('devices.photos.exiftool_half'));
        }
        $objects = [];
        foreach ($read as $object) {
            $file = is_array($object) && is_string($object['SourceFile'] ?? null) ? $own->file($object['SourceFile']) : null;
            if (is_array($object) && $file !== null) {
                $objects[] = ['SourceFile' => $file] + $object;
            }
        }

        return $objects;
    }
}
