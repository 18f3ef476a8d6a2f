<?php

declare(strict_types=1);

namespace Evrent\Devices\Photos;

use Evrent\Core\Messages\Failure;
use Evrent\Core\Messages\Message;
use Evrent\Core\Photos\Waves;
use Evrent\Devices\Processes\Child;
use Evrent\Devices\Processes\ChildFailed;
use Evrent\Devices\Processes\ChildLimits;
use Evrent\Devices\Processes\OwnFolder;
use Generator;
use RuntimeException;
use Symfony\Component\Process\PhpExecutableFinder;

/**
 * Decodes photos in a process of its own, with a limit on memory and time: a file made to break a decoder breaks nothing else.
 */
final class Apart
{
    /** Seconds until the first look is there: small pictures of raw files are all fetched first. */
    private const FIRST_SECONDS = 60.0;

    /** Seconds for each one after. */
    private const EACH_SECONDS = 15.0;
    private const MEGABYTES = 2_048;
    private const POLL_MICROSECONDS = 5_000;

    /**
     * @param list<string>     $names     paths from the folder on
     * @param int              $from      the first that is looked at, from 0; the one before it is held against it
     * @param int              $count     of them
     * @param float            $seconds   after which it takes no more of them: the rest is for the next time
     * @param callable(): void $meanwhile called again and again
     *
     * @throws Failure when it cannot be run
     */
    public static function look(
        string $folder,
        array $names,
        int $from,
        int $count,
        bool $areWhole,
        int $mostMegapixels,
        float $seconds,
        callable $meanwhile,
    ): LookedAt {
        $looked = new LookedAt();
        $until = microtime(true) + $seconds;
        $bad = [];
        while (true) {
            $start = $from + $looked->count;
            $asked = [
                'folder' => $folder, 'names' => array_slice($names, max(0, $start - 1), $count - $looked->count + min(1, $start)), 'from' => min(1, $start),
                'count' => $count - $looked->count, 'areWhole' => $areWhole, 'mostMegapixels' => $mostMegapixels, 'but' => $bad,
            ];
            $looks = self::told('look', $asked, $until, $meanwhile);
            foreach ($looks as $look) {
                $looked->add($look);
            }
            if ($looked->count >= $count || !$looks->getReturn()) {
                break;
            }
            // It broke off, and the next one is why; the second time there is nothing left to be careful about.
            $guilty = $names[$from + $looked->count];
            if (in_array($guilty, $bad, true)) {
                throw new Failure(new Message('devices.photos.no_decoder'));
            }
            $bad[] = $guilty;
        }

        return $looked;
    }

    /** @return ?string a small JPEG of a photo; null where none can be made */
    public static function small(string $path, int $mostMegapixels): ?string
    {
        try {
            foreach (self::told('small', ['path' => $path, 'mostMegapixels' => $mostMegapixels], INF) as $told) {
                $jpeg = is_string($told['jpeg'] ?? null) ? base64_decode($told['jpeg'], true) : false;

                return $jpeg === false ? null : $jpeg;
            }
        } catch (RuntimeException) {
            // None, then.
        }

        return null;
    }

    /**
     * @param array<int, string> $paths by number
     *
     * @return array<int, float> how bright each is, 0 to 1, of light; without those that are no picture
     */
    public static function lumas(array $paths, int $mostMegapixels): array
    {
        $lumas = [];
        while ($paths !== []) {
            foreach (self::told('lumas', ['paths' => $paths, 'mostMegapixels' => $mostMegapixels], INF) as $told) {
                $number = is_int($told['number'] ?? null) ? $told['number'] : 0;
                if (is_float($told['luma'] ?? null) || is_int($told['luma'] ?? null)) {
                    $lumas[$number] = (float) $told['luma'];
                }
                unset($paths[$number]);
            }
            // The one that it broke off at is left out.
            unset($paths[array_key_first($paths)]);
        }

        return $lumas;
    }

    /**
     * What the process does: reads what is asked, and says what it found, a line of JSON each.
     *
     * @param array<string, mixed> $asked
     *
     * @return iterable<array<string, mixed>>
     *
     * @internal of work-apart.php
     */
    public static function work(string $task, array $asked): iterable
    {
        $most = is_int($asked['mostMegapixels'] ?? null) ? $asked['mostMegapixels'] : Decoder::MOST_MEGAPIXELS;
        $strings = static fn (mixed $list): array => array_filter(is_array($list) ? $list : [], is_string(...));
        if ($task === 'look') {
            yield from LookedAt::each(
                is_string($asked['folder'] ?? null) ? $asked['folder'] : '',
                array_values($strings($asked['names'] ?? [])),
                is_int($asked['from'] ?? null) ? $asked['from'] : 0,
                is_int($asked['count'] ?? null) ? $asked['count'] : 0,
                ($asked['areWhole'] ?? true) === true,
                $most,
                array_values($strings($asked['but'] ?? [])),
            );
        } elseif ($task === 'small') {
            $jpeg = SmallPicture::of(is_string($asked['path'] ?? null) ? $asked['path'] : '', $most);
            yield ['jpeg' => $jpeg === null ? null : base64_encode($jpeg)];
        } elseif ($task === 'lumas') {
            $waves = new Waves();
            foreach ($strings($asked['paths'] ?? []) as $number => $path) {
                $small = SmallPicture::of($path, $most);
                yield ['number' => (int) $number, 'luma' => $small === null ? null : SeenPicture::of($waves, $small)?->luma];
            }
        }
    }

    /**
     * @param array<string, mixed> $asked
     * @param float                $until it goes on, but for the first answer
     * @param ?callable(): void    $meanwhile
     *
     * @return Generator<int, array<array-key, mixed>, mixed, bool> answers; at its end, whether it broke off
     *
     * @throws Failure when it cannot be run
     */
    private static function told(string $task, array $asked, float $until, ?callable $meanwhile = null): Generator
    {
        $php = (new PhpExecutableFinder())->find(false);
        if ($php === false) {
            throw new Failure(new Message('devices.photos.no_php'));
        }
        $own = new OwnFolder();
        // Nothing of this machine's PHP but what decodes: it starts sooner, and there is less of it.
        $settings = ['extension=gd', 'extension=exif', 'extension=mbstring', 'memory_limit=1G', 'display_errors=stderr'];
        $command = [$php, '-n', ...array_merge(...array_map(static fn (string $is): array => ['-d', $is], $settings)), __DIR__ . '/work-apart.php', $task];
        $json = json_encode($asked, JSON_THROW_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE);
        $child = Child::start($command, new ChildLimits(null, self::MEGABYTES), $own->path, [], $json);
        $unread = '';
        $heardAt = microtime(true);
        $patience = self::FIRST_SECONDS;
        $isInTime = true;
        try {
            do {
                $isRunning = $child->isRunning();
                $bytes = $child->newOutput();
                $unread .= $bytes;
                while (($end = strpos($unread, "\n")) !== false) {
                    $told = json_decode(substr($unread, 0, $end), true, 8);
                    $unread = substr($unread, $end + 1);
                    [$heardAt, $patience] = [microtime(true), self::EACH_SECONDS];
                    if (is_array($told)) {
                        yield $told;
                    }
                }
                if ($isRunning && $bytes === '') {
                    if ($meanwhile !== null) {
                        $meanwhile();
                    }
                    usleep(self::POLL_MICROSECONDS);
                }
                $isInTime = $patience === self::FIRST_SECONDS || microtime(true) < $until;
            } while ($isRunning && $isInTime && microtime(true) - $heardAt < $patience);
        } catch (ChildFailed) {
            return true;
        } finally {
            $child->stop();
        }

        return $isInTime;
    }
}
