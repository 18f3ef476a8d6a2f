<?php

declare(strict_types=1);

namespace Evrent\Core\Photos;

use Evrent\Core\Messages\Message;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;
use Generator;
use JsonException;

/**
 * What exiftool writes of many files, read one file at a time: all of them at once take ten times as much room as the text.
 */
final class ExifObjects
{
    private const DEEPEST = 16;

    /**
     * @param string $json a list of objects
     *
     * @return Generator<int, mixed> each as an array
     *
     * @throws InvalidInput while it is gone through
     */
    public static function in(string $json): Generator
    {
        $at = strspn($json, " \t\r\n");
        if (($json[$at] ?? '') !== '[') {
            self::whole($json);
        }
        $at++;
        for ($count = 0; true; $count++) {
            $at += strspn($json, " \t\r\n", $at);
            $isComma = ($json[$at] ?? '') === ',';
            if (($json[$at] ?? '') === ']' && strspn($json, " \t\r\n", $at + 1) === strlen($json) - $at - 1) {
                return;
            }
            if ($isComma !== ($count > 0)) {
                // What is wrong with it PHP tells better, looking at all of it.
                self::whole($json);
            }
            $at += $isComma ? 1 : 0;
            $end = self::end($json, $at) ?? self::whole($json);
            yield self::one($json, substr($json, $at, $end - $at));
            $at = $end;
        }
    }

    /** Behind the object or value that begins there; null where it does not end. */
    private static function end(string $json, int $at): ?int
    {
        $length = strlen($json);
        for ($depth = 0; $at < $length; $at++) {
            $at += strcspn($json, '"{}[],', $at);
            $mark = $json[$at] ?? '';
            if ($mark === '"') {
                for ($at++; $at < $length && $json[$at] !== '"'; $at++) {
                    $at += strcspn($json, '"\\', $at);
                    if (($json[$at] ?? '') === '"') {
                        break;
                    }
                    $at++;
                }
            } elseif ($mark === '{' || $mark === '[') {
                $depth++;
            } elseif ($depth === 0) {
                // A comma, or the list's own end: what stood before it was no object.
                return $mark === '' ? null : $at;
            } elseif ($mark !== ',' && --$depth === 0) {
                return $at + 1;
            }
        }

        return null;
    }

    /**
     * @throws InvalidInput
     */
    private static function one(string $json, string $part): mixed
    {
        try {
            return json_decode($part, true, self::DEEPEST, JSON_THROW_ON_ERROR);
        } catch (JsonException) {
            return self::whole($json);
        }
    }

    /**
     * @throws InvalidInput
     */
    private static function whole(string $json): never
    {
        try {
            json_decode($json, true, self::DEEPEST, JSON_THROW_ON_ERROR);
        } catch (JsonException $broken) {
            throw new InvalidInput([new Problem('', new Message('photos.exif_objects.not_json', ['why' => $broken->getMessage()]))]);
        }
        throw new InvalidInput([new Problem('', new Message('photos.exif_objects.not_list'))]);
    }
}
