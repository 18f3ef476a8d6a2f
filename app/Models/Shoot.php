<?php

declare(strict_types=1);

namespace App\Models;

use Evrent\Core\Day\Hazard;
use Evrent\Core\Sky\Site;
use Evrent\Core\Words\PlainText;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

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
 * @property float                                        $sky_glow   lux that towns add to the light on the ground at night
 * @property float                                        $sky_mag    how dark the night sky is, magnitudes in each square arc second
 * @property string                                       $horizon    bearings with the heights of what stands around; empty where it is open
 * @property list<string>                                 $hazards    that the shooter says can hurt somebody there
 * @property list<string>                                 $tags       by which it is found again
 * @property bool                                         $is_demo
 * @property Collection<int, DayEvent>                    $dayEvents
 */
final class Shoot extends Model
{
    use SoftDeletes;

    protected $guarded = [];

    protected $attributes = ['hazards' => '[]', 'tags' => '[]', 'elevation' => 0, 'sky_glow' => 0, 'sky_mag' => Site::USUAL_SKY_MAG, 'horizon' => ''];

    /**
     * @return array<string, string>
     */
    protected function casts(): array
    {
        return [
            'shoot_date' => 'date', 'is_demo' => 'boolean', 'latitude' => 'float', 'longitude' => 'float', 'elevation' => 'float', 'sky_glow' => 'float',
            'sky_mag' => 'float', 'hazards' => 'array', 'tags' => 'array',
        ];
    }

    /**
     * @return HasMany<Trial, $this>
     */
    public function trials(): HasMany
    {
        return $this->hasMany(Trial::class)->orderBy('id');
    }

    /**
     * @return HasMany<Shot, $this>
     */
    public function shots(): HasMany
    {
        return $this->hasMany(Shot::class)->orderBy('id');
    }

    /**
     * @return list<string> addresses of all that is read of it on the spot
     */
    public function pages(): array
    {
        $shots = $this->shots()->get(['id', 'shoot_id'])->map(static fn (Shot $shot): string => $shot->path())->all();
        $own = array_map(fn (string $route): string => route($route, $this, false), ['shoots.show', 'shoots.packing', 'shoots.sheet', 'trials.index']);

        return [...$own, ...array_values($shots), '/', '/kit', '/presets'];
    }

    /**
     * @return list<Hazard>
     */
    public function toldHazards(): array
    {
        return array_values(array_filter(array_map(Hazard::tryFrom(...), $this->hazards)));
    }

    /**
     * @return array<string, string> what stands in the fields of its place
     */
    public function placeTexts(): array
    {
        $number = static fn (?float $value): string => $value === null ? '' : PlainText::number($value);

        return [
            'name' => $this->place,
            'date' => $this->shoot_date?->format('Y-m-d') ?? '',
            'latitude' => $number($this->latitude),
            'longitude' => $number($this->longitude),
            'elevation' => $number($this->elevation),
            'zone' => (string) $this->zone,
            'sky_glow' => $number($this->sky_glow),
            'sky_mag' => $number($this->sky_mag),
            'horizon' => $this->horizon,
            'hazards_told' => implode(' ', $this->hazards),
        ];
    }

    /**
     * @return array{name: string, tags: string} what stands in the fields of its details
     */
    public function detailTexts(): array
    {
        return ['name' => $this->name, 'tags' => implode(', ', $this->tags)];
    }

    /**
     * @return list<string> tags as they are typed, with commas between
     */
    public static function tagsOf(string $text): array
    {
        return array_values(array_unique(array_filter(array_map(trim(...), explode(',', $text)), static fn (string $tag): bool => $tag !== '')));
    }

    /**
     * @return HasMany<DayEvent, $this>
     */
    public function dayEvents(): HasMany
    {
        return $this->hasMany(DayEvent::class)->orderBy('id');
    }

    /**
     * @return list<string> what is in the bags already
     */
    public function packed(): array
    {
        /** @var list<string> */
        return DB::table('packed_items')->where('shoot_id', $this->id)->pluck('item')->all();
    }

    /** Where and on which day; null until all of it is known. */
    public function site(): ?Site
    {
        if ($this->latitude === null || $this->longitude === null || $this->zone === null || $this->shoot_date === null) {
            return null;
        }

        return new Site(
            $this->place,
            $this->latitude,
            $this->longitude,
            $this->zone,
            $this->shoot_date->format('Y-m-d'),
            $this->elevation,
            $this->sky_glow,
            $this->sky_mag,
            $this->horizon,
        );
    }
}
