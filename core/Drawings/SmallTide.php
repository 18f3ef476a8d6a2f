<?php

declare(strict_types=1);

namespace Evrent\Core\Drawings;

use Evrent\Core\Light\Daylight;
use Evrent\Core\Sky\Site;
use Evrent\Core\Sky\Sky;

/**
 * The light of a day in small, for a list: from midnight to midnight, rising and falling like water.
 */
final readonly class SmallTide
{
    public const WIDTH = 96;
    public const HEIGHT = 24;

    private function __construct(public string $path, private Site $site)
    {
    }

    public static function of(Site $site): self
    {
        $light = Daylight::over($site, null, new Sky($site->observer));
        $span = $site->day->ends->unixSeconds - $site->day->begins->unixSeconds;
        $path = '';
        for ($at = 0; $at <= self::WIDTH; $at += 2) {
            $value = $light->exposureValue($site->day->begins->plusSeconds($span * $at / self::WIDTH));
            $share = ($value - DayDrawing::BOTTOM_VALUE) / (DayDrawing::TOP_VALUE - DayDrawing::BOTTOM_VALUE);
            $path .= sprintf('%s%d %.1f', $at === 0 ? 'M' : 'L', $at, self::HEIGHT * (1.0 - max(0.0, min(1.0, $share))));
        }

        return new self($path . 'V' . self::HEIGHT . 'H0Z', $site);
    }

    /**
     * Where a stay lies on it.
     *
     * @return array{float, float} from and how long, in its units
     */
    public function berth(float $fromUnixSeconds, float $untilUnixSeconds): array
    {
        $begins = $this->site->day->begins->unixSeconds;
        $unit = ($this->site->day->ends->unixSeconds - $begins) / self::WIDTH;
        $from = max(0.0, min((float) self::WIDTH, ($fromUnixSeconds - $begins) / $unit));
        $until = max($from, min((float) self::WIDTH, ($untilUnixSeconds - $begins) / $unit));

        return [round($from, 2), round(max(0.5, $until - $from), 2)];
    }
}
