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
        'Model', 'ImageWidth', 'ImageHeight', 'Warning', 'Error',
    ];
    private const SECONDS = 110;
    private const SIDE_BY_SIDE = 2;
    /** So few are read by one: starting takes as long. */
    private const ALONE = 50;

    /**
     * Begins to read, in two processes side by side: reading a thousand files is work for the processor, and not for the card.
     *
     * @param list<string> $files paths from the folder on
     *
     * @return list<Process> that run by themselves: what they tell is asked for later
     */
    public static function begin(string $folder, array $files): array
    {
        $tags = array_map(static fn (string $tag): string => "-{$tag}", self::TAGS);
        $processes = [];
        foreach ($files === [] ? [] : array_chunk($files, max(self::ALONE, (int) ceil(count($files) / self::SIDE_BY_SIDE))) as $some) {
            $process = self::over($folder, $some, ['-n', ...$tags]);
            $process->start();
            $processes[] = $process;
        }

        return $processes;
    }

    /**
     * @param list<Process> $processes as they were begun
     *
     * @return string JSON lists, a line each, of objects for the files that are still there
     *
     * @throws RuntimeException when it cannot be run
     */
    public static function told(array $processes): string
    {
        $lines = '';
        foreach ($processes as $process) {
            $process->wait();
            $told = trim($process->getOutput());
            if ($told === '' && $process->getExitCode() > 1) {
                throw new RuntimeException('exiftool cannot be run: ' . trim($process->getErrorOutput()));
            }
            $told = (string) preg_replace('/\s*\n\s*/', '', $told === '' ? '[]' : $told);
            $lines .= str_replace('"SourceFile": "./', '"SourceFile": "', $told) . "\n";
        }

        return $lines;
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
        if ($files === []) {
            return [];
        }
        $process = self::over($folder, $files, ['-b', '-ThumbnailImage', '-PreviewImage']);
        $process->run();
        $found = [];
        $told = json_decode(trim($process->getOutput()), true, 8);
        foreach (is_array($told) ? $told : [] as $tags) {
            $text = is_array($tags) ? $tags['ThumbnailImage'] ?? $tags['PreviewImage'] ?? null : null;
            if (is_array($tags) && is_string($tags['SourceFile'] ?? null) && is_string($text) && str_starts_with($text, 'base64:')) {
                $found[substr($tags['SourceFile'], 2)] = (string) base64_decode(substr($text, 7), true);
            }
        }

        return $found;
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

    /**
     * @param list<string> $files   paths from the folder on
     * @param list<string> $options what is asked of each
     */
    private static function over(string $folder, array $files, array $options): Process
    {
        $command = ['exiftool', '-json', '-q', '-fast2', '-charset', 'filename=UTF8', ...$options, '-@', '-'];
        $process = new Process($command, $folder, ['LC_ALL' => 'C.UTF-8']);
        $process->setTimeout(self::SECONDS);
        // A name that begins with a dash is no option.
        $process->setInput(implode("\n", array_map(static fn (string $file): string => "./{$file}", $files)) . "\n");

        return $process;
    }
}
