<?php

declare(strict_types=1);

namespace Tests\Core;

use Evrent\Core\Checks\Finding;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Text;

/**
 * Messages as tests hold them: by key and numbers, whatever their words are.
 */
final class Said
{
    /**
     * @param array<Text|string> $texts
     */
    public static function all(array $texts): string
    {
        return implode("\n", array_map(Message::forLog(...), $texts));
    }

    /**
     * @param iterable<array-key, array{Text|string, Text|string, 2?: mixed}> $pairs what, and what of it
     *
     * @return array<string, string>
     */
    public static function pairs(iterable $pairs): array
    {
        $said = [];
        foreach ($pairs as [$what, $is]) {
            $said[Message::forLog($what)] = Message::forLog($is);
        }

        return $said;
    }

    /**
     * @param array<string, Finding> $findings by name
     */
    public static function findings(array $findings): string
    {
        return self::all(array_map(static fn (Finding $finding): Text|string => $finding->sentence, $findings));
    }
}
