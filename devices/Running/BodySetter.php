<?php

declare(strict_types=1);

namespace Evrent\Devices\Running;

use Evrent\Core\Messages\Message;
use Evrent\Core\Run\Body\BodySetting;
use Evrent\Core\Run\Body\Choice;
use Evrent\Core\Run\Body\Choices;
use Evrent\Core\Run\Body\Wanted;
use Evrent\Core\Run\Take\LogKind;
use Evrent\Devices\Links\DeviceRefused;
use Evrent\Devices\Links\SetsBody;

/**
 * Sets the body to what the next photo wants, reads back what it then has, and keeps both. Only what is not so already is set.
 */
final class BodySetter
{
    /** A value that the body refused is tried again before the next photo, and no more. */
    private const TRIES = 2;

    private const LIGHT_PER_STOP = ['shutter_time' => 1.0, 'iso' => 1.0, 'aperture' => -2.0];

    /** @var array<string, ?Choices> what it can be set to, by setting, as far as it was asked */
    private array $choices = [];

    /** @var array<string, array{string, int, int}> what was tried last, how often, and for which photo, by setting */
    private array $tried = [];

    private readonly Wanted $wanted;

    public function __construct(private readonly TakeLog $log, private readonly SetsBody $body, private readonly RunClock $clock)
    {
        $this->wanted = Wanted::of($log->state->schedule);
    }

    /** The body was reached, which may be another by now. */
    public function reached(): void
    {
        $this->choices = $this->tried = [];
    }

    /**
     * @throws \Evrent\Devices\Links\DeviceGone
     */
    public function prepare(int $photo): void
    {
        $this->sayWhatCannotBe($photo);
        foreach ($this->due($photo) as [$setting, $choice]) {
            $this->set($setting, $choice, $photo);
        }
    }

    /**
     * By how much a photo's exposure is off what is meant for it, by what the body says that it is set to: stops, above zero for brighter; null where
     * it does not say.
     */
    public function offStops(int $photo): ?float
    {
        $off = null;
        $asked = $this->asked($photo);
        foreach ($this->wanted->for($this->log->state->placeOf($photo)) as $name => $wanted) {
            $setting = BodySetting::from($name);
            $is = Choice::of($setting, $this->log->state->body[$name] ?? '')->value;
            if (!isset(self::LIGHT_PER_STOP[$name]) || $is === null) {
                continue;
            }
            $off ??= 0.0;
            // The nearest mark is as planned; one that is far off, or stands there because it cannot be set, is not.
            $mark = $asked[$name]->value ?? $wanted;
            $meant = $setting->apart($mark, $wanted) > Wanted::WRONG_STOPS ? $wanted : $mark;
            if ($is !== $meant) {
                // Bulb in place of a time, or the other way round, is another exposure altogether.
                $off += is_finite($is) && is_finite($meant) ? self::LIGHT_PER_STOP[$name] * log($is / $meant, 2) : INF;
            }
        }

        return $off;
    }

    /**
     * Somebody turned a dial.
     */
    public function found(BodySetting $setting, string $has): void
    {
        $this->log->write(LogKind::Set, null, ['setting' => $setting->value, 'has' => $has]);
        unset($this->tried[$setting->value]);
    }

    /** What the body's list does not have, or does not let be set: said once, with what to do. */
    private function sayWhatCannotBe(int $photo): void
    {
        $asked = $this->asked($photo);
        foreach ($this->wanted->for($this->log->state->placeOf($photo)) as $name => $wanted) {
            $setting = BodySetting::from($name);
            $choice = $asked[$name] ?? null;
            if (!$setting->exposes() || $choice !== null && $setting->apart($choice->value ?? INF, $wanted) <= Wanted::WRONG_STOPS) {
                $this->log->over("camera {$setting->words()} list", $photo);
                continue;
            }
            if ($choice === null && !isset($this->log->state->body[$name])) {
                $this->log->write(LogKind::Set, null, ['setting' => $name, 'has' => $this->body->isSetTo($setting)->entry ?? '']);
            }
            $has = Choice::of($setting, $this->log->state->body[$name] ?? '');
            if ($choice === null && $setting->apart($has->value ?? 0.0, $wanted) <= Wanted::WRONG_STOPS) {
                continue;
            }
            $this->log->alarm("camera {$setting->words()} list", $photo, $this->whyNot($setting, $choice, $has, $wanted));
        }
    }

    private function whyNot(BodySetting $setting, ?Choice $choice, Choice $has, float $wanted): Message
    {
        $wants = $setting->text($wanted);

        return match (true) {
            $choice === null => new Message($has->entry === '' ? 'devices.run.not_settable' : 'devices.run.not_settable_is', [
                'setting' => $setting->label(), 'is' => $has->entry, 'wants' => $wants,
            ]),
            $setting === BodySetting::ShutterTime && $wanted > ($choice->value ?? 0.0) => new Message('devices.run.dial_ends', [
                'at' => $choice->entry, 'wants' => $wants,
            ]),
            default => new Message('devices.run.not_in_list', ['setting' => $setting->label(), 'wants' => $wants, 'nearest' => $choice->entry]),
        };
    }

    /** @return list<array{BodySetting, Choice}> */
    private function due(int $photo): array
    {
        $due = [];
        foreach ($this->asked($photo) as $name => $choice) {
            [$entry, $tries, $for] = $this->tried[$name] ?? ['', 0, 0];
            $isGivenUp = $entry === $choice->entry && ($for === $photo || $tries >= self::TRIES);
            if (($this->log->state->body[$name] ?? null) !== $choice->entry && !$isGivenUp) {
                $due[] = [BodySetting::from($name), $choice];
            }
        }

        return $due;
    }

    /** @return array<string, Choice> what is nearest to what a photo wants, by setting: of those that can be set */
    private function asked(int $photo): array
    {
        $asked = [];
        foreach ($this->wanted->for($this->log->state->placeOf($photo)) as $name => $value) {
            if (!array_key_exists($name, $this->choices)) {
                $this->choices[$name] = $this->body->choices(BodySetting::from($name));
            }
            $nearest = $this->choices[$name]?->nearest($value);
            if ($nearest !== null) {
                $asked[$name] = $nearest;
            }
        }

        return $asked;
    }

    private function set(BodySetting $setting, Choice $choice, int $photo): void
    {
        [$entry, $tries] = $this->tried[$setting->value] ?? ['', 0];
        $this->tried[$setting->value] = [$choice->entry, $entry === $choice->entry ? $tries + 1 : 1, $photo];
        $begun = $this->clock->realSeconds();
        $why = null;
        try {
            $has = $this->body->set($setting, $choice);
        } catch (DeviceRefused $refused) {
            $why = $refused->says;
            $has = $this->body->isSetTo($setting);
        }
        $took = $this->clock->speed > 1.0 ? null : round($this->clock->realSeconds() - $begun, 3);
        $this->log->write(LogKind::Set, $photo, [
            'setting' => $setting->value, 'asked' => $choice->entry, 'has' => $has?->entry, 'took_s' => $took, 'why' => $why,
        ]);
        if ($has?->entry === $choice->entry) {
            $this->log->over("camera {$setting->words()}");

            return;
        }
        $this->log->alarm("camera {$setting->words()}", $photo, new Message('devices.run.not_taken', [
            'setting' => $setting->label(),
            'is' => $has->entry ?? new Message('devices.run.unknown'),
            'photo' => $photo,
            'wants' => $choice->entry,
            'why' => $why === null ? '' : new Message('devices.run.because', ['why' => $why]),
        ]));
    }
}
