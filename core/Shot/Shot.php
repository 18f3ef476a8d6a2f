<?php

declare(strict_types=1);

namespace Evrent\Core\Shot;

use Evrent\Core\Motion\Units;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Schedule\Schedule;

/**
 * One shot: its plan, its schedule, and the facts that several checks, figures and drawings ask for, each worked out when it is first
 * asked for and kept as long as the shot is.
 */
final class Shot
{
    public readonly Plan $plan;

    /** @var array<string, mixed> by name */
    private array $facts = [];

    /** Of the shot that this one came of: it holds here too where place and times are the same. */
    private ?ShotSky $skyBefore = null;

    private function __construct(public readonly Schedule $schedule, public readonly Units $units)
    {
        $this->plan = $schedule->plan;
    }

    /**
     * @param Units $units that what is found is told in
     */
    public static function of(Plan $plan, Units $units = new Units()): self
    {
        return new self(Schedule::of($plan), $units);
    }

    public static function on(Schedule $schedule, Units $units = new Units()): self
    {
        return new self($schedule, $units);
    }

    /**
     * The shot of a plan that came of this one's by a change: what the change leaves alone is not worked out again.
     *
     * @param Plan $changed any plan; parts of it that are the very same are taken for unchanged
     */
    public function after(Plan $changed): self
    {
        return $this->goneOn($this->schedule->after($changed));
    }

    /** The same for a plan that differs in what the schedule does not hang on, such as power or storage. */
    public function under(Plan $changed): self
    {
        return $this->goneOn($this->schedule->under($changed));
    }

    /** Null where place or start is not known, or there is no clock. */
    public function sky(): ?ShotSky
    {
        return $this->fact('sky', fn (): ?ShotSky => ShotSky::of($this->schedule, $this->skyBefore));
    }

    /** Null where the plan says nothing of its light, or the sky is not known. */
    public function light(): ?ShotLight
    {
        return $this->fact('light', fn (): ?ShotLight => ShotLight::of($this));
    }

    /** Null where the light is not known. */
    public function ramp(School $school): ?Ramp
    {
        return $this->fact("ramp {$school->value}", fn (): ?Ramp => Ramp::of($this, $school));
    }

    /** Null where optics, place or start are not known, or no photo is taken under stars. */
    public function stars(): ?StarTrails
    {
        return $this->fact('stars', fn (): ?StarTrails => StarTrails::over($this));
    }

    /** Null where the plan says nothing of power, or there is no clock. */
    public function drain(): ?Drain
    {
        return $this->fact('drain', fn (): ?Drain => Drain::of($this->schedule));
    }

    /** Null where the plan says nothing of its optics. */
    public function motion(): ?PictureMotion
    {
        return $this->fact('motion', fn (): ?PictureMotion => PictureMotion::of($this->schedule));
    }

    /**
     * @return list<float> the longest exposure that each photo's interval holds, seconds
     */
    public function exposureRoom(): array
    {
        return $this->fact('exposure room', fn (): array => ExposureRoom::of($this->schedule));
    }

    /**
     * A fact of a later room, kept with the shot as its own are.
     *
     * @template T
     *
     * @param string        $name one of its own
     * @param callable(): T $work
     *
     * @return T
     */
    public function fact(string $name, callable $work): mixed
    {
        if (!array_key_exists($name, $this->facts)) {
            $this->facts[$name] = $work();
        }

        /** @var T */
        return $this->facts[$name];
    }

    private function goneOn(Schedule $schedule): self
    {
        $shot = new self($schedule, $this->units);
        $known = $this->facts['sky'] ?? null;
        $shot->skyBefore = $known instanceof ShotSky ? $known : $this->skyBefore;

        return $shot;
    }
}
