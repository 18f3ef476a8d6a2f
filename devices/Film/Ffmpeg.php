<?php

declare(strict_types=1);

namespace Evrent\Devices\Film;

use Evrent\Core\Messages\Failure;
use Evrent\Core\Messages\Message;
use Evrent\Devices\Processes\Child;
use Evrent\Devices\Processes\ChildLimits;
use Evrent\Devices\Processes\NoRoom;
use RuntimeException;

/**
 * Runs ffmpeg, and says how far it is. It runs in the folder that it writes into, and takes photos by links there.
 */
final class Ffmpeg
{
    private const POLL_MICROSECONDS = 200_000;

    /** Without another frame for so long, it stands still. */
    private const STILL_SECONDS = 180.0;

    /** Large photos, many threads: of address space, most of which is never used. */
    private const MEGABYTES = 8_192;

    /**
     * @param list<string>         $arguments all but the program's name
     * @param string               $folder    where it runs, and what it writes into
     * @param ?callable(int): bool $goesOn    asked now and then with the frames that are done: whether to go on
     * @param ?float               $seconds   that it may take; null for as long as it goes on
     *
     * @return bool whether it went to its end; false where it was not to go on
     *
     * @throws Interrupted      when somebody ended it from outside
     * @throws Failure in words, when it failed
     */
    public static function run(array $arguments, string $folder, ?callable $goesOn = null, ?float $seconds = null): bool
    {
        // What somebody waits for on a page comes first.
        $command = ['nice', '-n', '5', 'ffmpeg', '-nostdin', '-hide_banner', '-v', 'error', '-xerror', '-progress', 'pipe:1', ...$arguments];
        $child = Child::start($command, new ChildLimits($seconds, self::MEGABYTES, null, true), $folder);
        $done = 0;
        $grewAt = microtime(true);
        while ($child->isRunning()) {
            $told = $child->newOutput();
            if (preg_match_all('/^frame=\s*(\d+)/m', $told, $found) > 0 && (int) end($found[1]) > $done) {
                $done = (int) end($found[1]);
                $grewAt = microtime(true);
            }
            if (microtime(true) - $grewAt > self::STILL_SECONDS) {
                $child->stop();
                throw new Failure(new Message('devices.film.stood_still'));
            }
            if ($goesOn !== null && !$goesOn($done)) {
                $child->stop();

                return false;
            }
            usleep(self::POLL_MICROSECONDS);
        }
        $errors = trim($child->errors());
        if ($child->wasKilled() || str_contains($errors, 'received signal')) {
            throw new Interrupted(new Message('devices.film.ended'));
        }
        if ($child->exitCode() !== 0) {
            throw self::failure($errors);
        }

        return true;
    }

    /**
     * One picture as an input: read as a picture and nothing else, whatever is in it, and from this machine alone.
     *
     * @param string $name of a link in the folder where it runs, which holds no sign that could stand for a number
     *
     * @return list<string>
     */
    public static function picture(string $name): array
    {
        return ['-protocol_whitelist', 'file', '-f', 'image2', '-pattern_type', 'none', '-i', "file:{$name}"];
    }

    private static function failure(string $errors): Failure
    {
        if (str_contains($errors, 'No space left')) {
            return new NoRoom(new Message('devices.film.disk_full'));
        }
        $lines = explode("\n", $errors);

        return new Failure(new Message('devices.film.failed', ['x' => mb_substr((string) preg_replace('/^\[[^]]*\]\s*/', '', $lines[0]), 0, 300)]));
    }
}
