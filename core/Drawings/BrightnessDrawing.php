<?php

declare(strict_types=1);

namespace Evrent\Core\Drawings;

use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Shot\ShotLight;
use Evrent\Core\Words\PlainText;

/**
 * How bright each photo is to be and how bright it comes out, in stops from what a meter would make of it, as two lines to scale.
 */
final readonly class BrightnessDrawing
{
    public const WIDTH = 300;
    public const HEIGHT = 90;

    private const MOST_POINTS = 200;

    /** The scale shows at least so many stops, and at most so many either way: farther out is out. */
    private const LEAST_STOPS = 3.0;
    private const MOST_STOPS = 6.0;

    private float $low;
    private float $high;

    private function __construct(private ShotLight $light, private float $tolerance)
    {
        $all = [...$light->wanted(), ...$light->predicted()];
        $most = static fn (float $stops): float => max(-self::MOST_STOPS, min(self::MOST_STOPS, $stops));
        $low = $most(floor(min([0.0, ...$all]) - $tolerance / 2.0));
        $high = $most(ceil(max([0.0, ...$all]) + $tolerance / 2.0));
        $lacks = max(0.0, self::LEAST_STOPS - ($high - $low));
        $this->low = $low - ceil($lacks / 2.0);
        $this->high = $high + floor($lacks / 2.0);
    }

    /** Null where the light of the shot is not known. */
    public static function of(Shot $shot): ?self
    {
        $light = $shot->light();

        return $light === null ? null : new self($light, $shot->plan->thresholds->lightStops);
    }

    /** SVG path of the brightness wanted. */
    public function wanted(): string
    {
        return $this->path($this->light->wanted(), 0.0);
    }

    /** SVG path of the brightness as it will be. */
    public function predicted(): string
    {
        return $this->path($this->light->predicted(), 0.0);
    }

    /** SVG path of what is near enough to the brightness wanted. */
    public function tolerance(): string
    {
        $wanted = $this->light->wanted();
        $above = $this->path($wanted, $this->tolerance);
        $below = preg_split('/[ML]/', $this->path($wanted, -$this->tolerance), -1, PREG_SPLIT_NO_EMPTY);

        return $above . 'L' . implode('L', array_reverse($below === false ? [] : $below)) . 'Z';
    }

    /**
     * @return list<array{float, string}> how far down in per cent, and the stops there
     */
    public function ticks(): array
    {
        $ticks = [];
        $step = $this->high - $this->low > self::MOST_STOPS ? 2.0 : 1.0;
        for ($stops = ceil($this->low / $step) * $step; $stops <= $this->high; $stops += $step) {
            $ticks[] = [round(100.0 * $this->down($stops) / self::HEIGHT, 2), PlainText::signed($stops, 0)];
        }

        return $ticks;
    }

    /** Both lines in a sentence, for who does not see them. */
    public function told(): Message
    {
        return new Message('drawings.brightness.told', [
            'range' => self::range($this->light->wanted()),
            'range2' => self::range($this->light->predicted()),
        ]);
    }

    /**
     * @param list<float> $values
     */
    private static function range(array $values): Quantity
    {
        return Quantity::betweenSigned(min([INF, ...$values]), max([-INF, ...$values]), 1, 'stop');
    }

    /**
     * @param list<float> $values stops
     */
    private function path(array $values, float $shift): string
    {
        $last = count($values) - 1;
        $every = (int) max(1, ceil(($last + 1) / self::MOST_POINTS));
        $path = '';
        for ($n = 0; $n <= $last; $n = $n === $last ? $last + 1 : min($last, $n + $every)) {
            $path .= sprintf('%s%.1f %.1f', $n === 0 ? 'M' : 'L', self::WIDTH * $n / max(1, $last), $this->down($values[$n] + $shift));
        }

        return $path;
    }

    private function down(float $stops): float
    {
        return self::HEIGHT * (1.0 - (max($this->low, min($this->high, $stops)) - $this->low) / ($this->high - $this->low));
    }
}
