<?php

declare(strict_types=1);

namespace Evrent\Devices\Running;

use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Run\Body\BodySetting;
use Evrent\Core\Run\Take\AboutWords;
use Evrent\Core\Run\Take\Brightness;
use Evrent\Core\Run\Take\LogKind;
use Evrent\Core\Run\Take\Supplies;
use Evrent\Core\Schedule\Schedule;
use Evrent\Devices\Links\CameraLink;
use Evrent\Devices\Links\DeviceRefused;
use Evrent\Devices\Links\RigStatus;

/**
 * Notices while a take runs what is not as it should be: places, lateness, supplies, settings, brightness. Each is said with what can still be
 * done.
 */
final class Watch
{
    /** Off by more than this many motor steps, it is out of place: one may be rounding. */
    private const STEPS = 1.5;

    /** Seconds of the run between two looks at batteries, card and settings; real seconds at the least. */
    private const SUPPLIES_SECONDS = 20.0;
    private const LEAST_REAL_SECONDS = 0.1;

    /** Real seconds that a look at a picture takes at the most: in the real world, and with simulated devices. */
    private const PICTURE_TAKES_SECONDS = 1.0;
    private const SIMULATED_PICTURE_TAKES_SECONDS = 0.015;

    /** Real seconds after which supplies are looked at in a fast world, also where it makes a photo late. */
    private const LONGEST_REAL_SECONDS = 2.0;

    /** How late the latest photo was; null where that is no news: after a pause, and after a gap that was said. */
    private ?float $knownLate = 0.0;
    private float $suppliesAt = 0.0;
    private float $suppliesTook = 0.0;
    private int $pictured = 0;

    /** @var array<string, true> what was warned of already */
    private array $warned = [];
    private readonly Brightness $brightness;

    public function __construct(
        private readonly TakeLog $log,
        private readonly Schedule $schedule,
        private readonly CameraLink $camera,
        private readonly TakeStore $store,
        private readonly RunClock $clock,
        private readonly ?BodySetter $setter = null,
    ) {
        $this->brightness = new Brightness($schedule);
    }

    /**
     * The rig says that it has arrived.
     *
     * @param array<string, float> $asked mm or degrees by axis id
     */
    public function place(int $place, array $asked, ?RigStatus $status): void
    {
        foreach ($this->schedule->plan->rig->axes as $axis) {
            $off = ($status->positions[$axis->id] ?? $asked[$axis->id]) - $asked[$axis->id];
            if (abs($off) * $axis->stepsPerUnit > self::STEPS) {
                $says = new Message('devices.run.out_of_place', ['axis' => $axis->label(), 'off' => Quantity::signed($off, 3)]);
                $this->log->alarm("axis {$axis->id}", $place, $says);
            } else {
                $this->log->over("axis {$axis->id}", $place);
            }
        }
    }

    public function lateness(int $photo, float $late): void
    {
        $grown = $late - ($this->knownLate ?? $late);
        $this->knownLate = $late;
        if ($grown > $this->log->state->intervalAfter($photo) && $this->schedule->plan->timing->mode->hasClock()) {
            $this->log->alarm('late', $photo, new Message('devices.run.late', ['photo' => $photo, 'late' => Quantity::fixed($late, 1)]));
        } else {
            $this->log->over('late', $photo);
        }
    }

    /** The time that passed is known of: it was paused, or there was a gap. */
    public function forgiveLateness(): void
    {
        $this->knownLate = null;
    }

    /**
     * What there is time for between two photos.
     *
     * @param float $realSeconds until something has to be done
     */
    public function between(?RigStatus $rig, float $realSeconds): void
    {
        $now = $this->clock->realSeconds();
        $since = $now - $this->suppliesAt;
        // In a fast world what takes a tenth of a second takes many seconds of the run: not where a photo would be late for it.
        $isTime = $this->clock->speed <= 1.0 || $realSeconds > $this->suppliesTook || $since > self::LONGEST_REAL_SECONDS;
        if ($isTime && $since > max(self::LEAST_REAL_SECONDS, self::SUPPLIES_SECONDS / $this->clock->speed)) {
            $this->suppliesAt = $now;
            $this->supplies($rig);
            $this->suppliesTook = $this->clock->realSeconds() - $now;
            $realSeconds -= $this->suppliesTook;
        }
        $takes = $this->clock->speed > 1.0 ? self::SIMULATED_PICTURE_TAKES_SECONDS : self::PICTURE_TAKES_SECONDS;
        if ($realSeconds > $takes) {
            $this->picture();
        }
    }

    /** What runs down, and what must not change. */
    private function supplies(?RigStatus $rig): void
    {
        $state = $this->log->state;
        $told = array_filter([
            Supplies::RIG_BATTERY => $rig?->battery,
            Supplies::CAMERA_BATTERY => $this->camera->batteryPercent(),
            Supplies::CARD => $this->camera->photosLeft(),
        ], static fn (?int $left): bool => $left !== null);
        $settings = $this->camera->settings();
        $left = $state->supplies->left();
        $isNews = array_filter($told, static fn (int $is, string $what): bool => ($left[$what] ?? null) !== (float) $is, ARRAY_FILTER_USE_BOTH) !== [];
        // Before the start what is not as planned is set, or used as it is: from then on it must not change.
        $isFirst = $settings !== [] && $state->settings === [] && $state->startedAt !== null;
        if ($isNews || $isFirst) {
            $this->log->write(LogKind::Note, null, $told + ($isFirst ? ['settings' => $settings] : []));
        }
        foreach ($state->supplies->short($state->photos()) as $what => $says) {
            // Said once: which photo exactly changes with each look.
            if (!isset($state->alarms[$what]) && !isset($this->warned[$what])) {
                $this->log->alarm($what, $state->next, $says);
                $this->warned[$what] = true;
            }
        }
        $this->body($settings);
        foreach (array_diff_key($state->settings, $this->setHere()) as $what => $was) {
            if (($settings[$what] ?? $was) !== $was) {
                $says = new Message('devices.run.changed', ['what' => AboutWords::of("camera {$what}")]);
                $this->log->alarm("camera {$what}", $state->next, $says);
            } else {
                $this->log->over("camera {$what}");
            }
        }
    }

    /** @return array<string, true> what was set from here, in words */
    private function setHere(): array
    {
        $words = [];
        foreach (array_keys($this->log->state->body) as $name) {
            $words[BodySetting::from($name)->words()] = true;
        }

        return $words;
    }

    /**
     * What was set from here is held against what it was set to last.
     *
     * @param array<string, string> $settings as the camera tells them
     */
    private function body(array $settings): void
    {
        foreach ($this->log->state->body as $name => $has) {
            $setting = BodySetting::from($name);
            $is = $settings[$setting->words()] ?? $has;
            if ($is !== $has) {
                $says = new Message('devices.run.body_changed', ['what' => $setting->label(), 'is' => $is, 'has' => $has]);
                $this->log->alarm("camera {$setting->words()}", $this->log->state->next, $says);
                $this->setter?->found($setting, $is);
            }
        }
    }

    /** The latest photo as it came out: shown, and held against those before it. */
    private function picture(): void
    {
        $latest = $this->log->state->latestObject();
        if ($latest === null || $latest[0] === $this->pictured) {
            return;
        }
        [$photo, $object] = $latest;
        $this->pictured = $photo;
        try {
            $jpeg = $this->camera->thumbnail($object);
        } catch (DeviceRefused) {
            return;
        }
        $luma = $jpeg === null ? null : Picture::luma($jpeg);
        if ($jpeg === null || $luma === null) {
            return;
        }
        $this->store->picture($photo, $jpeg);
        $this->log->write(LogKind::Note, $photo, ['luma' => round($luma, 5)]);
        $jump = $this->brightness->jump($photo, $luma);
        if ($jump !== null) {
            $this->log->alarm('brightness', $photo, $jump);
        } else {
            $this->log->over('brightness', $photo);
        }
    }
}
