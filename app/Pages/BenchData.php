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
     * @param bool $isWhole with what stands in the fields, as an answer is: in a page that has just been drawn it stands there
     *
     * @return string JSON that may stand in a page
     */
    public static function of(ShotPage $page, bool $isWhole = true): string
    {
        $head = json_encode([
            'revision' => $page->revision->id,
            'preview' => $page->isPreview,
            'structure' => $page->structure(),
            ...($isWhole ? ['fields' => $page->texts] : []),
            'held' => $page->pins->held(),
            'rig' => $page->rigKey(),
            ...$page->worked->drawn->data,
            'columns' => self::COLUMNS,
        ], self::FLAGS);

        // They are written already, when the plan was worked out.
        return str_replace(json_encode(self::COLUMNS, self::FLAGS), $page->worked->drawn->json, $head);
    }
}
