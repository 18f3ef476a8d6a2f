<?php

declare(strict_types=1);

namespace App\Plans;

use Illuminate\Http\Request;
use Illuminate\Pagination\LengthAwarePaginator;
use Illuminate\Support\Collection;

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
        $numbers = collect(range(1, $photosTotal));
        $pages = $numbers->chunk(self::ROWS);
        $photo = $request->integer('photo');
        $before = $pages->takeUntil(static fn (Collection $page): bool => $page->contains($photo));
        $number = $numbers->contains($photo) ? $before->push(collect())->count() : $request->integer('page', 1);
        $number = max(1, min($number, $pages->count()));

        return new LengthAwarePaginator($numbers->forPage($number, self::ROWS)->values(), $photosTotal, self::ROWS, $number);
    }
}
