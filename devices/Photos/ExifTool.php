<?php

declare(strict_types=1);

namespace Evrent\Devices\Photos;

use RuntimeException;
use Symfony\Component\Process\Process;

/**
 * What exiftool tells of photos: many in one run, of any make alike.
 */
final class ExifTool
{
    private const TAGS = [
        'MIMEType', 'DateTimeOriginal', 'CreateDate', 'SubSecTimeOriginal', 'SubSecTimeDigitized', 'SubSecTime', 'OffsetTimeOriginal', 'OffsetTimeDigitized',
        'OffsetTime', 'FileModifyDate', 'ExposureTime', 'FNumber', 'ISO', 'FocalLength', 'WhiteBalance', 'FocusMode', 'SerialNumber', 'InternalSerialNumber',
        'Model', 'ImageWidth', 'ImageHeight', 'Error',
    ];
    private const SECONDS = 110;

    /**
     * @param list<string> $files paths from the folder on
     *
     * @return string a list of JSON objects, one for each file that is still there
     *
     * @throws RuntimeException when it cannot be run
     */
    public static function read(string $folder, array $files): string
    {
        $tags = array_map(static fn (string $tag): string => "-{$tag}", self::TAGS);
        $process = new Process(['exiftool', '-json', '-n', '-q', '-fast2', '-charset', 'filename=UTF8', ...$tags, '-@', '-'], $folder, ['LC_ALL' => 'C.UTF-8']);
        $process->setTimeout(self::SECONDS);
        // A name that begins with a dash is no option.
        $process->setInput(implode("\n", array_map(static fn (string $file): string => "./{$file}", $files)) . "\n");
        $process->run();
        $told = trim($process->getOutput());
        if ($told === '' && $process->getExitCode() > 1) {
            throw new RuntimeException('exiftool cannot be run: ' . trim($process->getErrorOutput()));
        }

        return str_replace('"SourceFile": "./', '"SourceFile": "', $told === '' ? '[]' : $told);
    }

    /** A small picture that is kept in the file, as JPEG; null where there is none. */
    public static function thumbnail(string $path): ?string
    {
        foreach (['ThumbnailImage', 'PreviewImage', 'JpgFromRaw'] as $tag) {
            $process = new Process(['exiftool', '-b', "-{$tag}", $path]);
            $process->setTimeout(self::SECONDS);
            $process->run();
            if (str_starts_with($process->getOutput(), "\xff\xd8")) {
                return $process->getOutput();
            }
        }

        return null;
    }
}
