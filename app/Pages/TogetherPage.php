<?php

declare(strict_types=1);

namespace App\Pages;

use App\Models\Shoot;
use App\Models\Shot;
use App\Models\Take;

/**
 * The shots of a shoot that are started and looked at together.
 */
final readonly class TogetherPage
{
    public function __construct(public Shoot $shoot)
    {
    }

    /** @return array<int, string> titles by id */
    public function shots(): array
    {
        $titles = [];
        foreach ($this->shoot->shots()->with('revision')->orderBy('id')->get() as $shot) {
            $titles[$shot->id] = $shot->title();
        }

        return $titles;
    }

    /** What a take could be started on: as for any of its shots. */
    public function devices(): ?TakeStart
    {
        $shot = $this->shoot->shots()->orderBy('id')->first();

        return $shot instanceof Shot ? new TakeStart(ShotPage::of($shot)) : null;
    }

    /** @return list<Take> under way, the first that was started first */
    public function takes(): array
    {
        $shots = $this->shoot->shots()->pluck('id')->all();

        return array_values(Take::underWay()->with(['revision', 'shot.revision'])->whereIn('shot_id', $shots)->orderBy('id')->get()->all());
    }
}
