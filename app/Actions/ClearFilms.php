<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Film;
use Evrent\Devices\Film\FilmWork;

/**
 * Takes away films that nobody can come to any more: those whose shot went, and what was being made of them.
 */
final class ClearFilms
{
    public function __invoke(): void
    {
        $found = is_dir(Film::folder()) ? scandir(Film::folder()) : false;
        $ids = [];
        foreach ($found === false ? [] : $found as $name) {
            if (preg_match('/(?:-(\d+)\.(?:mp4|mov)|^\.making-(\d+))$/D', $name, $part) === 1) {
                $ids[$name] = (int) end($part);
            }
        }
        $there = Film::query()->whereKey(array_values($ids))->get('id')->keyBy('id');
        foreach ($ids as $name => $id) {
            if ($there->has($id)) {
                continue;
            }
            $path = Film::folder() . "/{$name}";
            is_dir($path) ? FilmWork::clear($path) : @unlink($path);
        }
    }
}
