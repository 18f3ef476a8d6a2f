<?php

declare(strict_types=1);

namespace App\Models;

use Evrent\Core\Day\Hazard;
use Evrent\Core\Sky\Site;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * An outing: one place, one day, some shots.
 *
 * @property int                                          $id
 * @property string                                       $name
 * @property string                                       $place
 * @property ?Carbon                                      $shoot_date
 * @property ?float                                       $latitude   degrees, north above zero
 * @property ?float                                       $longitude  degrees, east above zero
 * @property float                                        $elevation  metres above the sea
 * @property ?string                                      $zone       such as Europe/Lisbon
 * @property float                                        $sky_glow   lux that towns add to the night sky
 * @property list<array{at: string, label: string}>       $day_events the shooter's own: a tide, a ferry, a gate
 * @property list<string>                                 $hazards    that the shooter says can hurt somebody there
 * @property list<string>                                 $packed     what is in the bags already
 * @property bool                                         $is_demo
 */
final class Shoot extends Model
{
    protected $guarded = [];

    protected $attributes = ['day_events' => '[]', 'hazards' => '[]', 'packed' => '[]', 'elevation' => 0, 'sky_glow' => 0];

    /**
     * @return array<string, string>
     */
    protected function casts(): array
    {
        return [
            'shoot_date' => 'date', 'is_demo' => 'boolean', 'latitude' => 'float', 'longitude' => 'float', 'elevation' => 'float', 'sky_glow' => 'float',
            'day_events' => 'array', 'hazards' => 'array', 'packed' => 'array',
        ];
    }

    /**
     * @return HasMany<Shot, $this>
     */
    public function shots(): HasMany
    {
        return $this->hasMany(Shot::class)->orderBy('id');
    }

    /**
     * @return list<Hazard>
     */
    public function toldHazards(): array
    {
        return array_values(array_filter(array_map(Hazard::tryFrom(...), $this->hazards)));
    }

    /** Where and on which day; null until all of it is known. */
    public function site(): ?Site
    {
        if ($this->latitude === null || $this->longitude === null || $this->zone === null || $this->shoot_date === null) {
            return null;
        }

        return new Site($this->place, $this->latitude, $this->longitude, $this->zone, $this->shoot_date->format('Y-m-d'), $this->elevation, $this->sky_glow);
    }
}
