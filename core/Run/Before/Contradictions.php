<?php

declare(strict_types=1);

namespace Evrent\Core\Run\Before;

use Evrent\Core\Messages\Joined;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Plan\FocusMode;
use Evrent\Core\Run\Body\BodySetting;
use Evrent\Core\Run\Body\Choice;
use Evrent\Core\Run\Body\Turns;
use Evrent\Core\Run\Body\Wanted;
use Evrent\Core\Run\Preflight;
use Evrent\Core\Schedule\Schedule;

/**
 * What the devices tell before the first photo, held against the plan. What Evrent has set by then is as planned, or was refused.
 */
final readonly class Contradictions
{
    public const FOCUS = 'focus';
    public const CLOCK = 'clock';
    public const RIG = 'rig place';
    private const RAMP = 'exposure ramp';

    /** What they are about begins so where the rig is concerned. */
    public const OF_THE_RIG = 'rig ';
    private const LIGHT = 'planned light';

    private const CLOCK_OFF_SECONDS = 60.0;
    private const FROM_THE_LIGHT_SECONDS = 12.0 * 3_600.0;
    private const SECONDS_PER_DAY = 86_400.0;
    private const AUTOMATIC = '/auto|\bAF/i';

    /** Where a body has no kelvin, the light that is nearest by its name is set: from so many mireds on it is seen. */
    private const SEEN_MIREDS = 30.0;

    /**
     * @return list<Contradiction> those that no pressing mends first
     */
    public static function of(Schedule $schedule, Readout $readout, bool $hasRig): array
    {
        $one = new self($schedule, $readout);
        $found = array_values(array_filter([
            ...($hasRig ? $readout->rig?->against($schedule->plan->rig, $readout->letters, $one->travel()) ?? [] : []),
            $hasRig ? $one->place() : null,
            $one->focus(),
            $one->ramp(),
            ...$one->exposure(),
            ...$one->supplies(),
            $one->clock(),
            $one->light(),
        ]));
        usort($found, static fn (Contradiction $a, Contradiction $b): int => $b->isRefused <=> $a->isRefused);

        return $found;
    }

    private function __construct(private Schedule $schedule, private Readout $readout)
    {
    }

    /** @return array<string, array{float, float}> from where to where the plan drives each axis, by id */
    private function travel(): array
    {
        return array_map(
            static fn (array $positions): array => [min([INF, ...$positions]), max([-INF, ...$positions])],
            $this->schedule->moves->positions,
        );
    }

    private function place(): ?Contradiction
    {
        if ($this->readout->said->isHomed === false) {
            return new Contradiction(self::RIG, new Message('takes.before.not_homed'), new Message('takes.before.home'));
        }
        $elsewhere = [];
        foreach ($this->schedule->plan->rig->axes as $axis) {
            $stands = $this->readout->positions[$axis->id] ?? null;
            $first = $this->schedule->moves->positions[$axis->id][0];
            if ($stands !== null && abs($stands - $first) * $axis->stepsPerUnit > 1.5) {
                $elsewhere[] = new Message('takes.before.elsewhere_axis', [
                    'axis' => $axis->label(),
                    'stands' => Quantity::withUnit($stands, $axis->kind->unit()),
                    'first' => Quantity::withUnit($first, $axis->kind->unit()),
                ]);
            }
        }

        return $elsewhere === [] ? null : new Contradiction(
            self::RIG,
            new Message('takes.before.elsewhere', ['axes' => Joined::of($elsewhere)]),
            new Message('takes.before.drive'),
        );
    }

    private function focus(): ?Contradiction
    {
        $mode = $this->readout->said->settings['focus mode'] ?? '';
        if ($this->schedule->plan->settings->focus === FocusMode::Auto || preg_match(self::AUTOMATIC, $mode) !== 1) {
            return null;
        }
        $canBeSet = in_array(self::FOCUS, $this->readout->settable, true);

        return new Contradiction(self::FOCUS, new Message(
            $canBeSet ? 'takes.before.focus' : 'takes.before.focus_by_hand',
            ['mode' => $mode],
        ), $canBeSet ? new Message('takes.before.set_focus') : null);
    }

    /** What changes along the plan, and nothing sets. Where the plan says that somebody stands by, that is as planned. */
    private function ramp(): ?Contradiction
    {
        $turns = count(Turns::of($this->schedule)->all);
        if ($this->readout->isSet || $turns === 0 || $this->schedule->plan->light?->isAttended === true) {
            return null;
        }

        return new Contradiction(self::RAMP, new Message('takes.before.ramp', ['count' => $turns]));
    }

    /** @return list<Contradiction> */
    private function exposure(): array
    {
        $found = [];
        $settings = $this->readout->said->settings;
        foreach (Wanted::of($this->schedule)->for(1) as $name => $wanted) {
            $setting = BodySetting::from($name);
            $has = $settings[$setting->words()] ?? null;
            if ($has === null) {
                continue;
            }
            $isAutomatic = preg_match(self::AUTOMATIC, $has) === 1;
            $value = Choice::of($setting, $has)->value;
            $isOfNoAccount = !$setting->exposes() && $this->schedule->plan->settings->kelvin === null;
            $most = $setting->exposes() ? Wanted::WRONG_STOPS : self::SEEN_MIREDS;
            if (!$isAutomatic && ($isOfNoAccount || $value !== null && $setting->apart($value, $wanted) <= $most)) {
                continue;
            }
            $wants = $isOfNoAccount ? new Message('takes.before.fixed') : $setting->text($wanted);
            $found[] = new Contradiction(
                "camera {$setting->words()}",
                new Message('takes.before.exposure', ['setting' => $setting->label(), 'has' => $has, 'wants' => $wants]),
            );
        }

        return $found;
    }

    /** @return list<Contradiction> */
    private function supplies(): array
    {
        $found = [];
        $said = $this->readout->said->against($this->schedule);
        foreach ([Preflight::Card->value => 'card', Preflight::Batteries->value => 'battery'] as $item => $about) {
            if (($said[$item]['isWell'] ?? null) === false) {
                $found[] = new Contradiction($about, $said[$item]['says']);
            }
        }

        return $found;
    }

    private function clock(): ?Contradiction
    {
        $ahead = $this->readout->clockAheadSeconds;
        if ($ahead === null || abs($ahead) <= self::CLOCK_OFF_SECONDS) {
            return null;
        }
        $canBeSet = in_array(self::CLOCK, $this->readout->settable, true);

        return new Contradiction(
            self::CLOCK,
            new Message($ahead > 0.0 ? 'takes.before.clock_fast' : 'takes.before.clock_slow', ['duration' => Quantity::duration(abs($ahead))]),
            $canBeSet ? new Message('takes.before.set_clock') : null,
        );
    }

    private function light(): ?Contradiction
    {
        $planned = $this->schedule->plan->firstTrigger();
        if ($planned === null || $this->readout->startsAt === null) {
            return null;
        }
        $off = $this->readout->startsAt - $planned->unixSeconds;
        $hasWindow = $this->schedule->plan->window !== null;
        if (abs($off) <= ($hasWindow ? max(self::CLOCK_OFF_SECONDS, $this->schedule->intervalSeconds[0] / 2.0) : self::FROM_THE_LIGHT_SECONDS)) {
            return null;
        }
        $words = abs($off) < 2.0 * self::SECONDS_PER_DAY
            ? Quantity::duration(abs($off))
            : Quantity::counted(abs($off) / self::SECONDS_PER_DAY, 'day', 0);

        $key = 'takes.before.' . ($hasWindow ? 'window' : 'light') . ($off < 0.0 ? '_early' : '_late');

        return new Contradiction(self::LIGHT, new Message($key, ['by' => $words]));
    }
}
