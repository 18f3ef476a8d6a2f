<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\CardReading;
use App\Pages\PhotosPage;
use Evrent\Core\Photos\Stretch;
use Evrent\Core\Schedule\Schedule;
use Illuminate\Support\Facades\DB;

/**
 * How the photos of a shot came out, with the take that they are of, and what is learnt from it.
 */
final class JudgePhotos
{
    public function __construct(private readonly LearnRecipe $learn)
    {
    }

    /**
     * @param int    $rating one of `Take::RATINGS`
     * @param string $name   of the recipe; empty for none
     *
     * @throws \Evrent\Core\Values\InvalidInput by /name, /why
     */
    public function __invoke(PhotosPage $page, int $rating, string $name, string $sentence): void
    {
        $reading = $page->reading;
        $sheet = $page->sheet();
        if ($reading === null) {
            return;
        }
        DB::connection()->transaction(function () use ($page, $reading, $sheet, $rating, $name, $sentence): void {
            CardReading::query()->whereKey($reading->id)->update(['rating' => $rating]);
            $reading->take?->forceFill(['rating' => $rating])->save();
            if ($name !== '') {
                $schedule = Schedule::of($reading->revision->toPlan());
                $stretch = $sheet === null ? null : $page->cleanStretch($sheet);
                $clip = Stretch::clipSeconds($stretch, $schedule->plan->timing->framesPerSecond);
                ($this->learn)($schedule, $clip, $name, $sentence, !in_array($rating, [1, 2], true));
            }
        });
    }
}
