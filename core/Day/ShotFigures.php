<?php

declare(strict_types=1);

namespace Evrent\Core\Day;

use Evrent\Core\Budget\DeviceDrain;
use Evrent\Core\Budget\SlotUse;
use Evrent\Core\Checks\Report;
use Evrent\Core\Checks\Verdict;
use Evrent\Core\Format\SettingsText;
use Evrent\Core\Format\StartText;
use Evrent\Core\Kit\KitKind;
use Evrent\Core\Kit\Picked;
use Evrent\Core\Light\ExposedFor;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Text;
use Evrent\Core\Plan\FilmKind;
use Evrent\Core\Plan\PassBy;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Shot\FilmFacts;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Sky\Instant;

/**
 * What a shoot's page, packing list, day sheet and calendar say of a shot, worked out once and kept with the revision it was worked
 * out from. A revision never changes, so neither do these; `VERSION` rises when what is worked out does.
 */
final readonly class ShotFigures
{
    public const VERSION = 9;

    private const MEGABYTES_PER_GIGABYTE = 1_000.0;

    /**
     * @param int                                                         $others   findings that do not
     * @param Text|string|null                                            $startEvent the start in words where it is no time of day
     * @param list<Picked>                                                $kit
     * @param ?array{gigabytes: float, copies: int, card_gb: float}       $storage
     * @param array<string, array{needed_j: float, one_j: float, batteries: int}> $drains   by device: camera, rig
     * @param ?float                                                      $ndStops  on the lens or wanted there; null for none
     * @param list<Hazard>                                                $hazards  that the plan itself brings
     * @param list<Text|string>                                           $card     what is read from paper at the camera
     * @param float                                                       $recordingSeconds of video; 0 where photos are taken
     * @param bool                                                        $needsSomebody while it runs: to turn the dial, or to film a pass beside it
     */
    private function __construct(
        public string $title,
        public int $photos,
        public int $photosProgrammed,
        public float $clipSeconds,
        public float $runSeconds,
        public float $bookedSeconds,
        public float $minSlackSeconds,
        public Verdict $verdict,
        public int $others,
        public string $start,
        public Text|string|null $startEvent,
        public ?Instant $begins,
        public ?Instant $ends,
        public Text|string|null $beginsText,
        public Text|string|null $endsText,
        public Text|string $settings,
        public array $kit,
        public ?array $storage,
        public array $drains,
        public float $celsius,
        public ?float $ndStops,
        public float $onLegsKilograms,
        public array $hazards,
        public array $card,
        public bool $needsRig,
        public bool $needsSomebody,
        public float $recordingSeconds,
    ) {
    }

    public static function of(Shot $shot, ?Report $report = null): self
    {
        $report ??= Report::on($shot);
        $plan = $shot->plan;
        $times = ShotTimes::of($shot->schedule);
        $drain = $shot->drain();

        return new self(
            $plan->title,
            $shot->schedule->photosTotal(),
            $plan->photosProgrammed(),
            $shot->schedule->summary->clipSeconds,
            $shot->schedule->summary->onSiteSeconds,
            OnSite::bookedSeconds($plan),
            $shot->schedule->summary->minSlackSeconds,
            $report->verdict,
            count($report->findings) - count($report->stopping()),
            $plan->start === null ? '' : StartText::write($plan->start),
            $plan->start === null || $plan->start->at !== null ? null : StartText::said($plan->start),
            $times->begins,
            $times->ends,
            $times->beginsText,
            $times->endsText,
            SettingsText::of($shot->schedule),
            self::kit($plan),
            self::storage($shot),
            array_map(self::drained(...), array_filter(['camera' => $drain?->camera, 'rig' => $drain?->rig])),
            $plan->power->celsius ?? 20.0,
            self::ndStops($shot),
            $plan->load?->onLegsKilograms() ?? 0.0,
            Cautions::ofPlan($shot),
            FieldCard::of($shot),
            $plan->rig->axes !== [],
            $plan->light?->isAttended === true || $plan->pass->by === PassBy::TwoCameras,
            self::recording($shot)->filmSeconds ?? 0.0,
        );
    }

    /**
     * @return list<Picked> what was picked, and the lead that goes between rig and camera where it was not
     */
    private static function kit(Plan $plan): array
    {
        $lead = $plan->trigger->isCamera() ? null : $plan->lead->name;

        return $lead === null || in_array($lead, array_column($plan->kit, 'name'), true)
            ? $plan->kit
            : [...$plan->kit, new Picked(KitKind::Cable, $lead)];
    }

    /**
     * @return array<string, mixed> for JSON
     */
    public function toArray(): array
    {
        /** @var array<string, mixed> $own */
        $own = get_object_vars($this);

        return [
            ...$own,
            'verdict' => $this->verdict->toArray(),
            'begins' => $this->begins?->unixSeconds,
            'ends' => $this->ends?->unixSeconds,
            'kit' => array_map(static fn (Picked $one): array => [$one->kind->value, $one->name, $one->count], $this->kit),
            'hazards' => array_column($this->hazards, 'value'),
        ];
    }

    /**
     * @param array<string, mixed> $kept as toArray gave it, by this version
     */
    public static function fromArray(array $kept): self
    {
        $instant = static fn (mixed $seconds): ?Instant => is_int($seconds) || is_float($seconds) ? new Instant((float) $seconds) : null;
        /** @var list<array{string, string, int}> $kit */
        $kit = $kept['kit'];
        /** @var list<mixed> $card */
        $card = $kept['card'];
        /** @var list<string> $hazards */
        $hazards = $kept['hazards'];
        /** @var array{failure: ?array{title: mixed, shortfall: mixed, first_photo: ?int}, not_checked: list<string>} $verdict */
        $verdict = $kept['verdict'];

        // @phpstan-ignore-next-line the types are those that toArray wrote
        return new self(...[
            ...$kept,
            'verdict' => Verdict::fromArray($verdict),
            'begins' => $instant($kept['begins']),
            'ends' => $instant($kept['ends']),
            'card' => array_map(Message::kept(...), $card),
            'settings' => Message::kept($kept['settings']),
            ...array_map(Message::kept(...), array_filter(
                array_intersect_key($kept, ['startEvent' => 0, 'beginsText' => 0, 'endsText' => 0]),
                static fn (mixed $text): bool => $text !== null,
            )),
            'kit' => array_map(static fn (array $one): Picked => new Picked(KitKind::from($one[0]), $one[1], $one[2]), $kit),
            'hazards' => array_map(Hazard::from(...), $hazards),
        ]);
    }

    /** The name of the piece of a kind that was picked; null when none was. */
    public function picked(KitKind $kind): ?string
    {
        $names = array_values(array_filter($this->kit, static fn (Picked $one): bool => $one->kind === $kind));

        return $names === [] ? null : $names[count($names) - 1]->name;
    }

    /**
     * @return ?array{gigabytes: float, copies: int, card_gb: float}
     */
    private static function storage(Shot $shot): ?array
    {
        $storage = $shot->plan->storage;
        if ($storage === null) {
            return null;
        }
        $copies = $storage->slots === SlotUse::Copy ? 2 : 1;
        $video = self::recording($shot);
        if ($video !== null) {
            return $video->gigabytes === null ? null : [
                'gigabytes' => $video->gigabytes * $copies, 'copies' => $copies, 'card_gb' => max([0.0, ...$storage->cardsGigabytes]),
            ];
        }
        $megabytes = ($storage->rawMegabytes + $storage->jpegMegabytes) * $copies;

        return [
            'gigabytes' => $shot->plan->photosProgrammed() * $megabytes / self::MEGABYTES_PER_GIGABYTE,
            'copies' => $copies,
            'card_gb' => max([0.0, ...$storage->cardsGigabytes]),
        ];
    }

    /**
     * @return array{needed_j: float, one_j: float, batteries: int}
     */
    private static function drained(DeviceDrain $drain): array
    {
        return ['needed_j' => $drain->neededJoules, 'one_j' => $drain->oneJoules, 'batteries' => $drain->battery->count];
    }

    /** Null where photos are taken, or the camera makes a film of them. */
    private static function recording(Shot $shot): ?FilmFacts
    {
        $film = FilmFacts::of($shot->schedule);

        return $film?->kind === FilmKind::SpedUp ? $film : null;
    }

    /**
     * What is on the lens by the plan; else what the brightest photo wants of it when ISO is at its lowest and the exposure as short as it may be:
     * no shorter than motion still blurs, where it does. Stars want none.
     */
    private static function ndStops(Shot $shot): ?float
    {
        $light = $shot->plan->light;
        if ($light === null || $light->ndStops > 0.0) {
            return $light?->ndStops;
        }
        $found = $shot->light();
        if ($found === null || $light->exposedFor === ExposedFor::Sky) {
            return null;
        }
        $n = (int) array_search($found->brightest(), $found->errors, true);
        $dragged = $shot->plan->thresholds->blurShare * $shot->schedule->intervalSeconds[$n];
        $shortest = $found->exposures[$n] >= $dragged ? max($light->shortestSeconds, $dragged) : $light->shortestSeconds;
        $givesWay = log($found->exposures[$n] / min($shortest, $found->exposures[$n]), 2)
            + max(0.0, log($found->isos[$n] / min($found->isos[$n], ...$light->isos), 2));
        $wanted = $found->brightest() - $givesWay;

        return $wanted > $shot->plan->thresholds->lightStops ? $wanted : null;
    }
}
