<?php

declare(strict_types=1);

namespace App\Pages;

/**
 * What the bench's script is told with a page or an answer.
 */
final class BenchData
{
    private const COLUMNS = 'the columns, as they were drawn';
    private const FLAGS = JSON_THROW_ON_ERROR | JSON_HEX_TAG | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES;

    /**
     * @param bool $isWhole with empty fields too, as an answer is: a page that has just been drawn has them empty
     *
     * @return string JSON that may stand in a page
     */
    public static function of(ShotPage $page, bool $isWhole = true): string
    {
        $head = json_encode([
            'revision' => $page->revision->id,
            'preview' => $page->isPreview,
            'structure' => $page->structure(),
            'fields' => $isWhole ? $page->texts : array_filter($page->texts, static fn (string $text): bool => $text !== ''),
            'held' => $page->pins->held(),
            ...$page->worked->drawn->data,
            'columns' => self::COLUMNS,
        ], self::FLAGS);

        // They are written already, when the plan was worked out.
        return str_replace(json_encode(self::COLUMNS, self::FLAGS), $page->worked->drawn->json, $head);
    }
}
