<?php

declare(strict_types=1);

namespace Evrent\Core\Format;

use DateTimeImmutable;
use Evrent\Core\Messages\Message;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Run\Take\GapSchool;
use Evrent\Core\Run\Take\LogKind;
use Evrent\Core\Run\Take\LogLine;
use Evrent\Core\Run\Take\Setting;
use Evrent\Core\Run\Take\WhenOut;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;
use JsonException;

/**
 * The log of a take in the open format evrent.run-log/2: JSON Lines, a header and then one line for each thing that happened. A line that broke
 * off at the end of the file never happened.
 */
final class TakeLogLines
{
    public const FORMAT = 'evrent.run-log/2';

    private const FLAGS = JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_PRESERVE_ZERO_FRACTION;

    /**
     * @param float                 $begun   seconds from 1970 when the log began
     * @param float                 $speed   of a simulated world; 1 in the real one
     * @param array<string, string> $devices what takes part, by what it is: rig, camera
     * @param ?array{string, float} $mark    when it began on a clock that nobody sets: boot, seconds since; null where that is not known
     */
    public static function header(string $title, string $planHash, float $begun, Setting $setting, float $speed, array $devices, ?array $mark = null): string
    {
        return json_encode([
            'format' => self::FORMAT,
            'title' => $title,
            'plan_sha256' => $planHash,
            'begun' => (new DateTimeImmutable('@' . (int) $begun))->format('Y-m-d\TH:i:s') . sprintf('.%03dZ', (int) (1000.0 * ($begun - floor($begun)))),
            'begun_unix_s' => $begun,
            ...($mark === null ? [] : ['begun_boot' => $mark[0], 'begun_monotonic_s' => $mark[1]]),
            'speed' => $speed,
            'devices' => (object) $devices,
            'setting' => self::settingFields($setting),
        ], self::FLAGS) . "\n";
    }

    /** Names a plan by what it says. */
    public static function planHash(Plan $plan): string
    {
        return hash('sha256', json_encode(PlanWriter::toDocument($plan), JSON_THROW_ON_ERROR));
    }

    /** @param ?int $token of who wrote it, which only rises; null where it is not known */
    public static function line(LogLine $line, ?int $token = null): string
    {
        $told = ['t' => round($line->seconds, 4), 'kind' => $line->kind->value];
        if ($line->photo !== null) {
            $told['photo'] = $line->photo;
        }

        return json_encode([...$told, ...$line->more, ...($token === null ? [] : ['token' => $token])], self::FLAGS) . "\n";
    }

    /**
     * @return array{header: array<string, mixed>, setting: Setting, lines: list<LogLine>, token: int} token: the last of who wrote it, 0 where it has none
     *
     * @throws InvalidInput when it is no such log
     */
    public static function read(string $text): array
    {
        $rows = explode("\n", $text);
        // What stands behind the last end of a line was not written whole.
        array_pop($rows);
        $header = self::row($rows[0] ?? '', 1);
        if (($header['format'] ?? null) !== self::FORMAT || !is_array($header['setting'] ?? null)) {
            throw new InvalidInput([new Problem('', new Message('format.take_log_lines.format', ['format' => self::FORMAT]))]);
        }
        $lines = [];
        $token = 0;
        foreach (array_slice($rows, 1) as $n => $row) {
            $told = self::row($row, $n + 2);
            $token = max($token, is_int($told['token'] ?? null) ? $told['token'] : 0);
            $lines[] = self::lineOf($told, $n + 2);
        }

        return ['header' => $header, 'setting' => self::setting($header['setting']), 'lines' => $lines, 'token' => $token];
    }

    /**
     * @return array<string, bool|string|float|null>
     */
    public static function settingFields(Setting $setting): array
    {
        return [
            'has_rig' => $setting->hasRig, 'camera_tells' => $setting->cameraTells, 'school' => $setting->school->value,
            'start_s' => $setting->startAt, 'rest_s' => $setting->restSeconds, 'own_timer' => $setting->isOwnTimer, 'when_out' => $setting->whenOut->value,
            'sets_camera' => $setting->setsBody,
        ];
    }

    /**
     * @param array<array-key, mixed> $told
     */
    public static function setting(array $told): Setting
    {
        return new Setting(
            ($told['has_rig'] ?? true) === true,
            ($told['camera_tells'] ?? false) === true,
            GapSchool::tryFrom(is_string($told['school'] ?? null) ? $told['school'] : '') ?? GapSchool::Place,
            is_numeric($told['start_s'] ?? null) ? (float) $told['start_s'] : 0.0,
            is_numeric($told['rest_s'] ?? null) ? (float) $told['rest_s'] : null,
            ($told['own_timer'] ?? false) === true,
            WhenOut::tryFrom(is_string($told['when_out'] ?? null) ? $told['when_out'] : '') ?? WhenOut::Wait,
            // A take that began before cameras were set goes on as it began.
            ($told['sets_camera'] ?? false) === true,
        );
    }

    /**
     * @param array<string, mixed> $told
     */
    public static function lineOf(array $told, int $row = 1): LogLine
    {
        $kind = LogKind::tryFrom(is_string($told['kind'] ?? null) ? $told['kind'] : '');
        if ($kind === null || !is_numeric($told['t'] ?? null)) {
            throw new InvalidInput([new Problem("/{$row}", new Message('format.take_log_lines.line', ['row' => $row]))]);
        }

        return new LogLine(
            $kind,
            (float) $told['t'],
            is_int($told['photo'] ?? null) ? $told['photo'] : null,
            array_diff_key($told, ['t' => 0, 'kind' => 0, 'photo' => 0, 'token' => 0]),
        );
    }

    /**
     * @return array<string, mixed>
     */
    private static function row(string $text, int $number): array
    {
        try {
            $row = json_decode($text, true, Message::DEPTH, JSON_THROW_ON_ERROR);
        } catch (JsonException) {
            $row = null;
        }
        if (!is_array($row)) {
            throw new InvalidInput([new Problem("/{$number}", new Message('format.take_log_lines.not_json', ['number' => $number]))]);
        }
        /** @var array<string, mixed> $row */

        return $row;
    }
}
