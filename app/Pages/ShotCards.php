<?php

declare(strict_types=1);

namespace App\Pages;

use App\Models\PlanRevision;
use App\Models\Shoot;
use App\Models\Shot;
use Evrent\Core\Day\ShotCard;
use Evrent\Core\Shot\Shot as PlannedShot;
use Evrent\Core\Values\InvalidInput;
use Evrent\Words\Words;

/**
 * Cards to take along: of one shot, or of all of a shoot in the order of the day.
 */
final readonly class ShotCards
{
    /** @var array<int, ShotCard> by the shot's id */
    public array $cards;

    /** @param ?Shot $only null for all shots of the shoot */
    public function __construct(public Shoot $shoot, public ?Shot $only = null)
    {
        $settings = app(Settings::class);
        $hazards = $shoot->toldHazards();
        $shots = $only === null ? array_map(static fn (ShotInShoot $one): Shot => $one->shot, (new ShootPage($shoot))->inOrder()) : [$only];
        $revisions = PlanRevision::query()->findMany(array_map(static fn (Shot $shot): ?int => $shot->current_revision_id, $shots))->keyBy('id');
        $cards = [];
        foreach ($shots as $shot) {
            $revision = $revisions->get($shot->current_revision_id);
            if ($revision === null) {
                continue;
            }
            try {
                $planned = PlannedShot::of($revision->toPlan(), $settings->units);
                $cards[$shot->id] = ShotCard::of($planned, $hazards, $shot->setup_minutes, $shot->teardown_minutes);
            } catch (InvalidInput) {
                // One that cannot be worked out has no card; its own page says why.
                continue;
            }
        }
        $this->cards = $cards;
    }

    /** Where they are, for the page and for the file. */
    public function at(string $what): string
    {
        return $this->only === null ? route("shoots.{$what}", $this->shoot) : $this->only->at("shots.{$what}");
    }

    public function title(): string
    {
        return $this->only === null ? Words::of('app.cards.all', shoot: $this->shoot->name) : Words::of('app.cards.one', title: $this->only->title());
    }

    public function place(): string
    {
        $day = $this->shoot->shoot_date === null ? '' : app(Settings::class)->date($this->shoot->shoot_date, true);

        return implode(', ', array_filter([$this->shoot->place, $day], static fn (string $part): bool => $part !== ''));
    }
}
