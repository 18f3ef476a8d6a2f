<?php

declare(strict_types=1);

namespace Evrent\Core\Sky;

/**
 * What people aim at as seen from one place, for as many moments as are asked for.
 */
final class Sky
{
    private const SECONDS_PER_HOUR = 3_600.0;

    /** @var array<string, Body> by target */
    private readonly array $bodies;

    /** @var array<int, Nutation> by hours since 1970 */
    private array $nutations = [];

    public function __construct(public readonly Observer $observer)
    {
        $bodies = [];
        foreach (Target::cases() as $target) {
            $bodies[$target->value] = new Interpolated($target->body());
        }
        $this->bodies = $bodies;
    }

    public function of(Target $target, Instant $instant): Horizontal
    {
        return $this->observer->horizontal($this->body($target), $instant, $this->nutation($instant));
    }

    /** Nodding takes days to change by a second of arc: what it is on the hour holds for the hour, to a hundredth of one. */
    private function nutation(Instant $instant): Nutation
    {
        $hour = (int) round($instant->unixSeconds / self::SECONDS_PER_HOUR);

        return $this->nutations[$hour] ??= new Nutation((new Instant($hour * self::SECONDS_PER_HOUR))->centuries);
    }

    public function body(Target $target): Body
    {
        return $this->bodies[$target->value];
    }
}
