<?php

declare(strict_types=1);

namespace Evrent\Devices\Film;

use RuntimeException;
use Symfony\Component\Process\Process;

/**
 * Runs ffmpeg, and says how far it is.
 */
final class Ffmpeg
{
    private const POLL_MICROSECONDS = 200_000;

    /**
     * @param list<string>         $arguments all but the program's name
     * @param ?callable(int): bool $goesOn    asked now and then with the frames that are done: whether to go on
     *
     * @return bool whether it went to its end; false where it was not to go on
     *
     * @throws Interrupted      when somebody ended it from outside
     * @throws RuntimeException in words, when it failed
     */
    public static function run(array $arguments, string $folder, ?callable $goesOn = null): bool
    {
        // What somebody waits for on a page comes first.
        $command = ['nice', '-n', '5', 'ffmpeg', '-nostdin', '-hide_banner', '-v', 'error', '-xerror', '-progress', 'pipe:1', ...$arguments];
        $process = new Process($command, $folder);
        $process->setTimeout(null);
        $process->start();
        $done = 0;
        while ($process->isRunning()) {
            $told = $process->getIncrementalOutput();
            if (preg_match_all('/^frame=\s*(\d+)/m', $told, $found) > 0) {
                $done = (int) end($found[1]);
            }
            if ($goesOn !== null && !$goesOn($done)) {
                $process->stop(2.0);

                return false;
            }
            usleep(self::POLL_MICROSECONDS);
        }
        $errors = trim($process->getErrorOutput());
        if ($process->hasBeenSignaled() || str_contains($errors, 'received signal')) {
            throw new Interrupted('ffmpeg was ended from outside.');
        }
        if ($process->getExitCode() !== 0) {
            throw new RuntimeException(self::inWords($errors));
        }

        return true;
    }

    private static function inWords(string $errors): string
    {
        if (str_contains($errors, 'No space left')) {
            return 'The disk is full: make room on it, and make the clip again.';
        }
        $lines = explode("\n", $errors);

        return 'ffmpeg stopped: ' . mb_substr((string) preg_replace('/^\[[^]]*\]\s*/', '', $lines[0]), 0, 300);
    }
}
