<?php

declare(strict_types=1);

namespace Evrent\Core\Plan;

use Evrent\Core\Budget\Load;
use Evrent\Core\Budget\Power;
use Evrent\Core\Budget\Storage;
use Evrent\Core\Kit\Picked;
use Evrent\Core\Light\Light;
use Evrent\Core\Messages\Message;
use Evrent\Core\Motion\Axis;
use Evrent\Core\Motion\Easing;
use Evrent\Core\Motion\Keyframe;
use Evrent\Core\Motion\Move;
use Evrent\Core\Motion\Path;
use Evrent\Core\Motion\Rig;
use Evrent\Core\Optics\Optics;
use Evrent\Core\Sky\DayWindow;
use Evrent\Core\Sky\Instant;
use Evrent\Core\Sky\Openings;
use Evrent\Core\Sky\Site;
use Evrent\Core\Sky\Start;
use Evrent\Core\Timing\Camera;
use Evrent\Core\Timing\KeyedSeconds;
use Evrent\Core\Timing\Timing;
use Evrent\Core\Timing\Trigger;
use Evrent\Core\Values\Copy;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;
use Evrent\Core\Values\Problems;

/**
 * One shot, whole: everything the schedule is computed from.
 *
 * Optics, place, light and budgets are optional: without them nothing is said of them. A keyframe may stand beyond an axis's travel: such a
 * plan can be read, drawn and mended, and a check says so.
 */
final readonly class Plan
{
    /** JSON pointer of the bearing of the camera with its pan at 0. */
    public const FACING = '/rig/base/zero_bearing_deg';

    public const MOST_TITLE_CHARACTERS = 200;

    public Path $path;

    /**
     * @param list<Picked> $kit what it takes along, by name
     * @param ?DayWindow   $window hours of each day in which it takes photos; null for all of them
     * @param Provenance   $provenance where its values come from: of no meaning to what is computed, and of much to what a verdict rests on
     *
     * @throws InvalidInput
     */
    public function __construct(
        public string $title,
        public Timing $timing,
        public Rig $rig,
        public Camera $camera,
        public Move $move,
        public ?Optics $optics = null,
        public Trigger $trigger = new Trigger(),
        public Thresholds $thresholds = new Thresholds(),
        public ?Site $site = null,
        public ?Start $start = null,
        public ?Light $light = null,
        public ?Storage $storage = null,
        public ?Power $power = null,
        public ?Load $load = null,
        public array $kit = [],
        public ?OpenEnd $end = null,
        public CameraSettings $settings = new CameraSettings(),
        public Lead $lead = new Lead(),
        public Film $film = new Film(),
        public Pass $pass = new Pass(),
        public Scene $scene = new Scene(),
        public Provenance $provenance = new Provenance(),
        public ?DayWindow $window = null,
    ) {
        $problems = new Problems();
        $length = mb_strlen($title);
        if (trim($title) === '' || $length > self::MOST_TITLE_CHARACTERS) {
            $problems->add('/title', new Message('plan.plan.title', ['most_title_characters' => self::MOST_TITLE_CHARACTERS]));
        } elseif (preg_match('/[\p{Cc}\x{FFFD}]/u', $title) !== 0) {
            $problems->add('/title', new Message('plan.plan.title_line'));
        }
        $axisIds = $rig->axisIds();
        foreach ($move->keyframes as $i => $keyframe) {
            foreach (array_diff($axisIds, array_keys($keyframe->positions)) as $missing) {
                $problems->add("/move/keyframes/{$i}/{$missing}", new Message('plan.plan.missing', ['missing' => $missing]));
            }
            foreach (array_diff(array_keys($keyframe->positions), $axisIds) as $unknown) {
                $problems->add("/move/keyframes/{$i}/{$unknown}", new Message('plan.plan.unknown', ['unknown' => $unknown]));
            }
        }
        if ($this->photosTotal() > Timing::MOST_PHOTOS) {
            $problems->add('/timing/photos', new Message('plan.plan.too_many', ['most_photos' => Timing::MOST_PHOTOS]));
        }
        if ($end !== null && !$timing->mode->hasClock()) {
            $problems->add('/end/by', new Message('plan.plan.no_clock'));
        }
        if (count($kit) > Picked::MOST) {
            $problems->add('/kit', new Message('plan.plan.most_items', ['most' => Picked::MOST]));
        }
        $problems->throwIfAny();
        $this->path = Path::through($move, $axisIds, $timing->photos);
    }

    /** All photos: head, travelling, held and tail. */
    public function photosTotal(): int
    {
        return $this->timing->headPhotos + $this->timing->photos + $this->heldPhotos() + $this->timing->tailPhotos;
    }

    /** Photos that are taken standing at keyframes, at each as often as the move comes to it. */
    public function heldPhotos(): int
    {
        $held = 0;
        foreach ($this->move->keyframes as $keyframe) {
            $held += $keyframe->holdPhotos === 0 ? 0 : $keyframe->holdPhotos * $this->move->visits($keyframe, $this->timing->photos);
        }

        return $held;
    }

    /** Travelling photos from the first keyframe to the last: all of them, unless the move goes back and forth. */
    public function oneWayPhotos(): int
    {
        return $this->move->oneWay($this->timing->photos);
    }

    /**
     * As many on one way: of a move that goes back and forth all its photos stay.
     *
     * @throws InvalidInput
     */
    public function withPhotosOneWay(int $photos): self
    {
        return $this->move->oneWayPhotos === null
            ? $this->withTiming($this->timing->withPhotos($photos))
            : $this->withMove($this->move->withOneWayPhotos($photos));
    }

    /** Photos that whatever fires the shutter is set to: the camera's own timer may be set to more than the plan has. */
    public function photosProgrammed(): int
    {
        return $this->trigger->isCamera() ? $this->trigger->cameraPhotos ?? $this->photosTotal() : $this->photosTotal();
    }

    /**
     * @throws InvalidInput
     */
    public function withTitle(string $title): self
    {
        return $this->with(['title' => $title]);
    }

    /**
     * @throws InvalidInput
     */
    public function withTiming(Timing $timing): self
    {
        return $this->with(['timing' => $timing]);
    }

    /**
     * @throws InvalidInput
     */
    public function withRig(Rig $rig): self
    {
        return $this->with(['rig' => $rig]);
    }

    /**
     * @throws InvalidInput
     */
    public function withOptics(?Optics $optics): self
    {
        return $this->with(['optics' => $optics]);
    }

    /**
     * @throws InvalidInput
     */
    public function withCamera(Camera $camera): self
    {
        return $this->with(['camera' => $camera]);
    }

    /**
     * @throws InvalidInput
     */
    public function withTrigger(Trigger $trigger): self
    {
        return $this->with(['trigger' => $trigger]);
    }

    /**
     * @throws InvalidInput
     */
    public function withInterval(KeyedSeconds $interval): self
    {
        return $this->withTiming($this->timing->withInterval($interval));
    }

    /**
     * @throws InvalidInput
     */
    public function withExposure(KeyedSeconds $exposure): self
    {
        return $this->withTiming($this->timing->withExposure($exposure));
    }

    /**
     * The same move with every position put through a change.
     *
     * @param callable(Axis, float): float $change
     *
     * @throws InvalidInput
     */
    public function withPositions(callable $change): self
    {
        $keyframes = array_map(function (Keyframe $keyframe) use ($change): Keyframe {
            $positions = [];
            foreach ($this->rig->axes as $axis) {
                $positions[$axis->id] = $change($axis, $keyframe->positions[$axis->id]);
            }

            return $keyframe->withPositions($positions);
        }, $this->move->keyframes);

        return $this->withMove($this->move->withKeyframes($keyframes));
    }

    /**
     * The same move with one more keyframe, half way in photos from one keyframe to the next and standing where the
     * path is there. It is passed, so that the move bends as little as can be.
     *
     * @param int $after place of the keyframe before it, from 0
     *
     * @throws InvalidInput when there is no photo left between the two
     */
    public function withKeyframeAfter(int $after): self
    {
        $keyframes = $this->move->keyframes;
        if (!isset($keyframes[$after], $keyframes[$after + 1])) {
            throw new InvalidInput([new Problem('/move/keyframes', new Message('plan.plan.key_between'))]);
        }
        $at = ($keyframes[$after]->at + $keyframes[$after + 1]->at) / 2.0;
        $positions = array_map(
            static fn (float $position): float => round($position, 2),
            $this->path->positionsAt((float) (new Keyframe($at, []))->travelIndex($this->oneWayPhotos())),
        );
        array_splice($keyframes, $after + 1, 0, [new Keyframe($at, $positions, pass: true)]);

        return $this->withMove($this->move->withKeyframes($keyframes));
    }

    /**
     * @param int $place of the keyframe, from 0; the first and the last stay
     *
     * @throws InvalidInput
     */
    public function withoutKeyframe(int $place): self
    {
        $keyframes = $this->move->keyframes;
        if ($place < 1 || $place >= count($keyframes) - 1) {
            throw new InvalidInput([new Problem('/move/keyframes', new Message('plan.plan.key_out'))]);
        }
        array_splice($keyframes, $place, 1);

        return $this->withMove($this->move->withKeyframes($keyframes));
    }

    /**
     * @throws InvalidInput
     */
    public function withMove(Move $move): self
    {
        return $this->with(['move' => $move]);
    }

    /** The same by other hands. */
    /** Bearing of the camera with its pan at 0, degrees from true north; null until somebody has given it. */
    public function facing(): ?float
    {
        return $this->provenance->isAssumed(self::FACING) ? null : $this->rig->base->zeroBearingDegrees;
    }

    public function withProvenance(Provenance $provenance): self
    {
        return $this->with(['provenance' => $provenance]);
    }

    /** Runs the move from its end to its start: each run keeps its ramps at the standstills where they were. */
    public function reversed(): self
    {
        $reversed = static fn (Easing $easing): Easing => new Easing($easing->rampOut, $easing->rampIn, $easing->shape);
        $keyframes = array_map(
            static fn (Keyframe $keyframe): Keyframe => $keyframe->with(['at' => 1.0 - $keyframe->at, 'easing' => null]),
            array_reverse($this->move->keyframes),
        );
        // A run's own ease stands on the keyframe that starts it, which is now the one at its other end.
        $last = count($keyframes) - 1;
        foreach ($this->path->legs as $leg) {
            $easing = $this->move->keyframes[$leg->fromKeyframe]->easing;
            $starts = $last - $leg->toKeyframe;
            $keyframes[$starts] = $keyframes[$starts]->withEasing($easing === null ? null : $reversed($easing));
        }

        return $this->withMove(new Move(array_values($keyframes), $reversed($this->move->easing), $this->move->oneWayPhotos));
    }

    /**
     * On another place and day, as its shoot is; a night sky of the shot's own stays.
     *
     * @param ?Site $before the shoot's until now
     */
    public function movedTo(?Site $site, ?Site $before): self
    {
        $isOwn = $this->site !== null && $this->site->skyMag !== ($before->skyMag ?? Site::USUAL_SKY_MAG);

        return $this->with(['site' => $site !== null && $isOwn ? $site->under($this->site->skyMag) : $site]);
    }

    /** When the first photo is triggered; null where no place, no start, or no such event on that day is known. */
    public function firstTrigger(): ?Instant
    {
        $at = $this->site === null ? null : $this->start?->instant($this->site)?->plusSeconds($this->timing->startDelaySeconds);
        $opens = $at === null ? null : $this->openings()?->next($at->unixSeconds);

        return $opens === null ? $at : new Instant($opens);
    }

    /** When its window of the day is open; null where it has none, or is at no place. */
    public function openings(): ?Openings
    {
        return $this->window === null ? null : $this->site?->openings($this->window);
    }

    /**
     * Seconds until then; null where it is not known, or over.
     *
     * @param float $unixSeconds now
     */
    public function secondsToFirstTrigger(float $unixSeconds): ?float
    {
        $at = $this->firstTrigger();

        return $at === null || $at->unixSeconds <= $unixSeconds ? null : $at->unixSeconds - $unixSeconds;
    }

    /**
     * The same but for the parts that are named.
     *
     * @param array{
     *     title?: string, timing?: Timing, rig?: Rig, camera?: Camera, move?: Move, optics?: ?Optics, trigger?: Trigger, thresholds?: Thresholds,
     *     site?: ?Site, start?: ?Start, end?: ?OpenEnd, settings?: CameraSettings, lead?: Lead, film?: Film, pass?: Pass, scene?: Scene,
     *     light?: ?Light, storage?: ?Storage, power?: ?Power, load?: ?Load, kit?: list<Picked>, provenance?: Provenance,
     *     window?: ?DayWindow,
     * } $parts
     *
     * @throws InvalidInput
     */
    public function with(array $parts): self
    {
        $own = get_object_vars($this);
        unset($own['path']);

        return Copy::of($this, $own, $parts);
    }
}
