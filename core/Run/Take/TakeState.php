<?php

declare(strict_types=1);

namespace Evrent\Core\Run\Take;

use Evrent\Core\Messages\Text;
use Evrent\Core\Run\Before\Contradiction;
use Evrent\Core\Run\Body\Turns;
use Evrent\Core\Run\Body\Wanted;
use Evrent\Core\Run\RunLog;
use Evrent\Core\Schedule\Schedule;

/**
 * Where a take stands, made of its log alone: line after line, in their order. Whoever reads the same lines knows the same.
 */
final class TakeState
{
    /** A delay of this share of the interval is made up for by the next photo; of a longer one nothing is. */
    private const LONG_DELAY = 0.5;

    /** Alarms of what lets in more or less light. */
    private const OF_THE_EXPOSURE = ['camera shutter time', 'camera ISO', 'camera aperture'];

    public Status $status = Status::Prepared;
    public ?Ending $ending = null;

    /** The photo to be taken next, from 1. */
    public int $next = 1;

    /** The photo that was about to be taken when the log broke off; null while there is none. */
    public ?int $open = null;

    /** When it was about to be, and when it was due. */
    public float $openedAt = 0.0;
    public float $openDue = 0.0;

    /** The photo at whose place the rig stands or creeps on to; null when that is not known. */
    public ?int $place = null;

    /** Whether the rig knows where it stands. */
    public bool $isHomed = false;

    /** When the next photo is due. */
    public float $dueAt = 0.0;

    /** Before this the rig must not move: the shutter is open. */
    public float $freeAt = 0.0;

    /** Before this nothing is exposed: the rig settles. */
    public float $stillAt = 0.0;

    /** When the first photo was due. */
    public ?float $startedAt = null;

    /** When the latest photo was triggered. */
    public ?float $triggeredAt = null;

    /** When the latest line was written. */
    public float $seconds = 0.0;

    /** The last photo of the move when it was ended early, and the place where the rig stays then: creeping, it is on its way to the next. */
    public ?int $finishedAfter = null;
    private ?int $staysAt = null;

    public bool $isAborted = false;

    /** Stop motion: photos asked for and not taken yet. */
    public int $snaps = 0;

    /** @var array<int, float> photos that were triggered and not confirmed yet: when, by number */
    public array $unconfirmed = [];

    /** @var array<int, float> by how many seconds a photo may have been exposed later than it was triggered, beside the camera's lag: its rig answered late */
    public array $exposedLate = [];

    /** @var array<int, float> photos that were triggered and given up: when they were triggered, by number */
    public array $missing = [];

    /** The last thing on the card that a photo became, or that was there before. */
    public ?string $lastObject = null;

    /** @var array<string, ?float> files that are known: when each was taken by the camera's own clock, where it says so, by `fileKey()` */
    public array $objects = [];

    /** The last file that was on the card before the take; null where nobody looked. */
    public ?string $objectBefore = null;

    /** What the camera's clock shows at 0 s of the log, within how many seconds that is known, and when it was looked at; null where it does not tell. */
    public ?float $cameraClockAtZero = null;
    public float $cameraClockWithin = 0.0;
    public float $cameraClockSeenAt = 0.0;

    /** A file that comes was not taken so long before that clock was looked at, or after it came: then files are not dated by it. */
    private const ANOTHER_CLOCK_SECONDS = 60.0;

    /** Whether files are dated by the clock that the camera tells. */
    public bool $filesAreDated = true;

    /** @var ?array{int, string} the photo that was confirmed last, and what it is on the card */
    private ?array $latestObject = null;

    /** @var array<string, Text|string> alarms that nobody has seen or mended: sentences, by what they are about */
    public array $alarms = [];

    public int $taken = 0;

    /** How many lines there are. */
    public int $lines = 0;

    /** How late the latest photo was, against the plan; null before there is one. */
    public ?float $late = null;

    /** @var array<int, PhotoState> what became of each photo, by number */
    public array $photos = [];

    /** @var array<int, true> photos that were taken while the camera was not set as planned, by number */
    public array $wronglyExposed = [];

    /** @var array<string, true> settings of the exposure that are not as they were, by the alarm that says so */
    private array $exposureChanged = [];

    public readonly Supplies $supplies;

    /** Whether the camera's own timer was started. */
    public bool $isTimerStarted = false;

    /** @var array<string, string> what the camera is set to, as far as it was set from here: its own words, by the value of a BodySetting */
    public array $body = [];

    /** @var array<string, string> model and serial number of the body, where it says so */
    public array $bodyIdentity = [];

    /** @var array<string, string> what the camera was set to when it was first looked at */
    public array $settings = [];

    /** What somebody turns at the camera; null where Evrent sets it, or nothing changes. */
    public ?Turns $turns = null;

    /** @var array<string, true> keys of the turns that were made */
    public array $turned = [];

    /** @var array<string, Contradiction> what the devices tell against the plan, and nobody has resolved, by what it is about */
    public array $contradictions = [];

    /** @var array<string, string> how others were resolved: set, as_is or gone, by what they are about */
    public array $resolved = [];

    /** @var list<string> those that are to be set */
    public array $toSet = [];

    public function __construct(public readonly Schedule $schedule)
    {
        $this->supplies = new Supplies();
    }

    public function take(LogLine $line): void
    {
        $this->seconds = $line->seconds;
        $this->lines++;
        match ($line->kind) {
            LogKind::Homed => $this->homed(),
            LogKind::Contradiction => $this->contradicts($line),
            LogKind::Resolved => $this->resolves($line),
            LogKind::Started => $this->started($line),
            LogKind::Move => $this->sets($line),
            LogKind::Arrived => $this->arrived($line),
            LogKind::Set => $this->wasSet($line),
            LogKind::Intent => $this->intends($line),
            LogKind::Outcome => $this->triggered($line),
            LogKind::Confirmed => $this->confirmed($line),
            LogKind::NotTaken => $this->notTaken($line),
            LogKind::Gap => $this->gap($line),
            LogKind::Skipped => $this->skipped($line),
            LogKind::Command => $this->obey($line),
            LogKind::Alarm => $this->alarm($line->text('about') ?? '', $line->words('says') ?? ''),
            LogKind::AlarmOver => $this->quiet($line->text('about') ?? '', $line->number('number') !== null),
            LogKind::Ended => $this->end($line),
            LogKind::Mark => $this->mark($line),
            LogKind::Note => $this->note($line),
        };
    }

    /** Photos in all, as far as is known now. */
    public function photos(): int
    {
        return $this->finishedAfter === null
            ? $this->schedule->photosTotal()
            : min($this->schedule->photosTotal(), $this->finishedAfter + $this->schedule->plan->timing->tailPhotos);
    }

    /** Whether every photo was taken as planned, as far as anybody knows. */
    public function isWhole(): bool
    {
        for ($photo = 1; $photo <= $this->photos(); $photo++) {
            if (in_array($this->photos[$photo] ?? PhotoState::Missing, [PhotoState::Missing, PhotoState::Uncertain], true)) {
                return false;
            }
        }

        return $this->wronglyExposed === [];
    }

    /** The planned photo at whose place a photo is taken: after an early end the rig stays where it was. */
    public function placeOf(int $photo): int
    {
        return min($photo, $this->staysAt ?? $photo, $this->schedule->photosTotal());
    }

    /** Whether the rig stands where a photo is to be taken: photos that are held, and those before and after the move, share their place. */
    public function standsAt(int $photo): bool
    {
        if ($this->place === null) {
            return false;
        }
        foreach ($this->schedule->moves->motorPositionSteps as $steps) {
            if ($steps[$this->place - 1] !== $steps[$photo - 1]) {
                return false;
            }
        }

        return true;
    }

    /**
     * @return ?array{int, string} the photo that was confirmed last, and what it is on the card
     */
    public function latestObject(): ?array
    {
        return $this->latestObject;
    }

    /** How long an axis takes at its fastest to creep from a place to another, seconds: where that is longer than the interval, the photo waits. */
    public function leastCreepSeconds(int $from, int $to): float
    {
        $least = 0.0;
        foreach ($this->schedule->plan->rig->axes as $axis) {
            $steps = $this->schedule->moves->motorPositionSteps[$axis->id];
            $least = max($least, abs($steps[$to - 1] - $steps[$from - 1]) / $axis->stepsPerUnit / $axis->fastest());
        }

        return $least;
    }

    public function intervalAfter(int $photo): float
    {
        return $this->schedule->untilNextSeconds($this->placeOf($photo) - 1);
    }

    public function exposureOf(int $photo): float
    {
        return $this->schedule->exposureSeconds[$this->placeOf($photo) - 1];
    }

    /**
     * How long the camera is not ready after a trigger: it would not hear another. Where it tells of its photos, the card is waited for when its buffer
     * is full; where not, the plan says how long that takes.
     */
    private function cameraNeeds(int $photo, bool $tells): float
    {
        $camera = $this->schedule->plan->camera;

        return $tells
            ? $camera->shutterLagSeconds + $camera->shutterBusySeconds($this->exposureOf($photo))
            : $this->schedule->timeline->cameraSeconds[$this->placeOf($photo) - 1] ?? 0.0;
    }

    /** When a photo was to be taken by the plan, on the log's clock; null before the start. */
    public function plannedAt(int $photo): ?float
    {
        return $this->startedAt === null ? null : $this->startedAt + $this->schedule->timeline->askedTriggerSeconds($this->placeOf($photo) - 1);
    }

    /** Whether something of a kind is still to be resolved. */
    public function holds(string $begins): bool
    {
        return array_filter(array_keys($this->contradictions), static fn (string $about): bool => str_starts_with($about, $begins)) !== [];
    }

    private function contradicts(LogLine $line): void
    {
        $about = $line->text('about') ?? '';
        $this->contradictions[$about] = new Contradiction($about, $line->words('says') ?? '', $line->words('set'), ($line->more['refused'] ?? false) === true);
        $this->toSet = array_values(array_diff($this->toSet, [$about]));
        unset($this->resolved[$about]);
    }

    private function resolves(LogLine $line): void
    {
        $about = $line->text('about') ?? '';
        unset($this->contradictions[$about]);
        $this->toSet = array_values(array_diff($this->toSet, [$about]));
        $this->resolved[$about] = $line->text('how') ?? '';
    }

    private function toBeSet(?string $about): void
    {
        $settable = array_keys(array_filter($this->contradictions, static fn (Contradiction $one): bool => $one->set !== null));
        $asked = $about === null ? $settable : array_intersect($settable, [$about]);
        $this->toSet = array_values(array_unique([...$this->toSet, ...$asked]));
    }

    private function homed(): void
    {
        $this->isHomed = true;
        $this->place = null;
    }

    private function started(LogLine $line): void
    {
        $this->status = Status::Running;
        $this->startedAt = $this->dueAt = $line->number('due') ?? $line->seconds;
    }

    private function sets(LogLine $line): void
    {
        // Creeping, it is at each moment where it should be; else it is on its way, and nowhere yet.
        $this->place = $line->number('seconds') === null ? null : $line->photo;
        $this->stillAt = $line->number('arrives_s') ?? $this->stillAt;
        $this->status = $this->status === Status::Prepared ? Status::Waiting : $this->status;
    }

    private function arrived(LogLine $line): void
    {
        $this->place = $line->photo;
        $this->stillAt = $line->seconds + ($line->number('settles') ?? 0.0);
        $this->status = $this->status === Status::Prepared ? Status::Waiting : $this->status;
    }

    private function intends(LogLine $line): void
    {
        $this->open = $line->photo;
        $this->openedAt = $line->seconds;
        $this->openDue = $line->number('due_s') ?? $line->seconds;
    }

    private function triggered(LogLine $line): void
    {
        $photo = (int) $line->photo;
        $this->open = null;
        $at = $line->number('triggered_s') ?? $line->seconds;
        $due = $line->number('due_s') ?? $at;
        // Small delays do not add up; after a long one the run goes on from where it is, instead of catching up in a burst.
        $interval = $this->intervalAfter($photo);
        $isLong = $at - $due > max(RunLog::NOTICEABLE_SECONDS, self::LONG_DELAY * $interval);
        $closedAt = $line->number('closed_s');
        // The shutter may have closed later than by the moment of the trigger: a slow rig's, or one that times the exposure itself.
        $closedLate = max(0.0, ($closedAt ?? $at) - $at - $this->schedule->plan->camera->shutterLagSeconds - $this->exposureOf($photo));
        $needs = $this->cameraNeeds($photo, $line->text('state') !== 'not_confirmed') + $closedLate;
        $this->dueAt = max(($isLong ? $at : $due) + $interval, $at + $needs);
        unset($this->exposedLate[$photo]);
        $this->exposedLate += $closedLate > 0.0 ? [$photo => $closedLate] : [];
        // Creeping, nothing has to stand before the next photo but the shutter.
        $delay = $this->schedule->plan->timing->mode->stops() ? $this->schedule->plan->rig->postExposureDelaySeconds : 0.0;
        $this->freeAt = ($closedAt ?? $line->seconds) + $delay;
        $this->triggeredAt = $at;
        $this->late = $line->number('late_s') ?? $this->late;
        $this->photos[$photo] = PhotoState::of($line->text('state'));
        unset($this->wronglyExposed[$photo]);
        $isOff = abs($line->number('off_stops') ?? 0.0) > Wanted::WRONG_STOPS;
        $this->wronglyExposed += $isOff || $this->exposureChanged !== [] ? [$photo => true] : [];
        $this->next = $photo + 1;
        $this->taken++;
        $this->snaps = max(0, $this->snaps - 1);
        if ($line->text('state') === 'confirmed') {
            $this->became($photo, $line->text('object'), $line->number('camera_s'));
        } elseif ($line->text('state') === 'triggered') {
            $this->unconfirmed[$photo] = $at;
        }
    }

    private function confirmed(LogLine $line): void
    {
        if (count($this->unconfirmed) >= $this->schedule->plan->camera->bufferFrames) {
            // Its buffer was full: before this it would not have heard a trigger.
            $this->dueAt = max($this->dueAt, $line->seconds);
        }
        unset($this->unconfirmed[(int) $line->photo], $this->missing[(int) $line->photo]);
        $this->photos[(int) $line->photo] = PhotoState::Good;
        $this->became((int) $line->photo, $line->text('object'), $line->number('camera_s'));
    }

    /** A photo by its folder and name: a copy on the second card, and a raw file beside its JPEG, are the same photo. */
    public static function fileKey(string $object): string
    {
        return (string) preg_replace('~^/store_[0-9a-f]+|\.[^./]*$~i', '', $object);
    }

    private function became(int $photo, ?string $object, ?float $cameraSeconds): void
    {
        $this->lastObject = $object ?? $this->lastObject;
        $this->knows($object, $cameraSeconds);
        $this->filesAreDated = $this->filesAreDated && ($cameraSeconds === null || $this->isByItsClock($cameraSeconds, $this->seconds));
        $this->latestObject = $object === null ? $this->latestObject : [$photo, $object];
    }

    /**
     * @param float $cameraSeconds when a file was taken, as it says
     * @param float $cameAt        when it came
     */
    public function isByItsClock(float $cameraSeconds, float $cameAt): bool
    {
        $at = $cameraSeconds - ($this->cameraClockAtZero ?? $cameraSeconds - $cameAt);

        return $at > $this->cameraClockSeenAt - self::ANOTHER_CLOCK_SECONDS && $at < $cameAt + self::ANOTHER_CLOCK_SECONDS;
    }

    private function knows(?string $object, ?float $cameraSeconds): void
    {
        if ($object !== null) {
            $this->objects[self::fileKey($object)] = $cameraSeconds;
        }
    }

    private function notTaken(LogLine $line): void
    {
        $photo = (int) $line->photo;
        $this->photos[$photo] = PhotoState::Missing;
        if (isset($this->unconfirmed[$photo])) {
            $this->missing[$photo] = $this->unconfirmed[$photo];
        }
        unset($this->unconfirmed[$photo]);
        if ($this->open === $photo || ($line->more['again'] ?? false) === true) {
            // Nothing was exposed: it is shot again.
            $this->open = null;
            $this->next = $photo;
            unset($this->missing[$photo]);
        }
    }

    private function skipped(LogLine $line): void
    {
        $this->next = (int) ($line->number('to') ?? $this->next - 1) + 1;
        $this->dueAt = $this->plannedAt($this->next) ?? $this->dueAt;
    }

    private function wasSet(LogLine $line): void
    {
        $setting = $line->text('setting') ?? '';
        $has = $line->text('has');
        if ($has === null) {
            unset($this->body[$setting]);
        } else {
            $this->body[$setting] = $has;
        }
    }

    private function gap(LogLine $line): void
    {
        // Whoever had the camera meanwhile may have set it.
        $this->body = [];
        $this->place = null;
        $this->dueAt = max($this->dueAt, $line->seconds);
        if ($line->text('rig') === 'lost') {
            $this->isHomed = false;
        }
    }

    private function obey(LogLine $line): void
    {
        match (Order::tryFrom($line->text('order') ?? '')) {
            Order::Pause => $this->status = $this->status === Status::Running ? Status::Paused : $this->status,
            Order::GoOn => $this->goOn($line->seconds),
            Order::Finish => $this->finish(),
            Order::Abort => $this->isAborted = true,
            Order::Snap => $this->snaps++,
            Order::StepBack => $this->next = max(1, $this->next - (int) ($line->number('photos') ?? 1)),
            Order::SetIt => $this->toBeSet($line->text('about')),
            // Without a name it is the one that is waited for.
            Order::Turned => $this->turned += [$line->text('about') ?? $this->turns?->next($this->turned)?->key() ?? '' => true],
            Order::AsIs, Order::Mark, Order::Quiet, null => null,
        };
        if ($this->isAborted || $this->finishedAfter !== null) {
            $this->status = $this->status === Status::Paused ? Status::Running : $this->status;
        }
    }

    private function finish(): void
    {
        $this->finishedAfter ??= max(1, $this->next - 1);
        $this->staysAt ??= max($this->finishedAfter, $this->schedule->plan->timing->mode->stops() ? 0 : min($this->place ?? 0, $this->next));
    }

    private function goOn(float $seconds): void
    {
        if ($this->status === Status::Paused) {
            $this->status = Status::Running;
            $this->dueAt = max($this->dueAt, $seconds);
        }
    }

    private function alarm(string $about, Text|string $says): void
    {
        $this->alarms[$about] = $says;
        if (in_array($about, self::OF_THE_EXPOSURE, true)) {
            $this->exposureChanged[$about] = true;
        }
    }

    /** @param bool $isSeen whether somebody has seen it: that mends nothing */
    private function quiet(string $about, bool $isSeen): void
    {
        unset($this->alarms[$about]);
        if (!$isSeen) {
            unset($this->exposureChanged[$about]);
        }
    }

    private function note(LogLine $line): void
    {
        $this->supplies->see($this->taken, $line->more);
        $this->lastObject = $line->text('last_object') ?? $this->lastObject;
        $this->objectBefore = $line->text('objects_before') ?? $this->objectBefore ?? $line->text('last_object');
        $this->knows($line->text('extra'), $line->number('camera_s'));
        $shown = $line->number('camera_clock_s');
        if ($shown !== null) {
            $this->cameraClockSeenAt = $line->number('camera_clock_at_s') ?? $line->seconds;
            $this->cameraClockAtZero = $shown - $this->cameraClockSeenAt;
            $this->cameraClockWithin = $line->number('camera_clock_within_s') ?? 1.0;
        }
        $this->isTimerStarted = $this->isTimerStarted || $line->text('own_timer') !== null;
        $this->turns ??= ($line->more['operator'] ?? false) === true ? Turns::of($this->schedule) : null;
        foreach (is_array($line->more['body'] ?? null) ? $line->more['body'] : [] as $what => $value) {
            $this->bodyIdentity[(string) $what] = is_string($value) ? $value : '';
        }
        $settings = $line->more['settings'] ?? null;
        if ($this->settings === [] && is_array($settings)) {
            foreach ($settings as $what => $value) {
                $this->settings[(string) $what] = is_string($value) ? $value : '';
            }
        }
    }

    private function mark(LogLine $line): void
    {
        for ($photo = (int) $line->photo; $photo <= (int) ($line->number('to') ?? $line->photo); $photo++) {
            $this->photos[$photo] = $line->text('as') === 'good' ? PhotoState::Good : PhotoState::Spoilt;
        }
    }

    private function end(LogLine $line): void
    {
        $this->status = Status::Ended;
        $this->ending = Ending::tryFrom($line->text('how') ?? '') ?? Ending::Failed;
    }
}
