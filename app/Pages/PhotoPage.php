<?php

declare(strict_types=1);

namespace App\Pages;

use Illuminate\Http\Request;
use Illuminate\Pagination\LengthAwarePaginator;

/**
 * One page of a long table of photos.
 */
final class PhotoPage
{
    public const ROWS = 50;

    /**
     * @param int $photosTotal rows in all, numbered from 1
     *
     * @return LengthAwarePaginator<int, int> the photo numbers of the page asked for by ?page=, or of the one that
     *                                        holds ?photo=
     */
    public static function asked(Request $request, int $photosTotal): LengthAwarePaginator
    {
        // Pages count from 1: an empty one before them makes keys and page numbers the same.
        $pages = [[], ...array_chunk(range(1, $photosTotal), self::ROWS)];
        $photo = $request->integer('photo');
        $asked = $request->integer('page', 1);
        foreach ($pages as $number => $photos) {
            if (in_array($photo, $photos, true)) {
                $asked = $number;
            }
        }
        $number = max(1, min($asked, array_key_last($pages)));

        return new LengthAwarePaginator($pages[$number], $photosTotal, self::ROWS, $number);
    }
}
