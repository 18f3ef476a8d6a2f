<?php

declare(strict_types=1);

namespace Evrent\Core\Drawings;

use Evrent\Core\Clip\Frame;
use Evrent\Core\Clip\Frames;
use Evrent\Core\Light\Flicker;

/**
 * How bright a clip's frames are, as they were shot and as they are made level.
 */
final readonly class ClipBrightness
{
    public const WIDTH = 1_000;
    public const HEIGHT = 120;
    private const LEAST_STOPS = 0.5;

    /**
     * @param string $before path of an SVG
     * @param string $after  likewise
     * @param float  $from   stops at the lower edge
     * @param float  $to     at the upper
     * @param ?float $flickers stops, root mean square; null where there are too few photos
     * @param ?float $becomes  likewise, made level
     */
    private function __construct(
        public string $before,
        public string $after,
        public float $from,
        public float $to,
        public ?float $flickers,
        public ?float $becomes,
    ) {
    }

    /**
     * @param array<int, float> $brightness of photos in stops, by number
     * @param array<int, float> $offsets    stops by which they are made brighter, likewise
     *
     * @return ?self null where nobody measured them
     */
    public static function of(Frames $frames, array $brightness, array $offsets): ?self
    {
        $shown = array_values(array_filter($frames->frames, static fn (Frame $frame): bool => isset($brightness[$frame->photo])));
        if ($shown === []) {
            return null;
        }
        $before = array_map(static fn (Frame $frame): float => $brightness[$frame->photo], $shown);
        $after = array_map(static fn (Frame $frame): float => $brightness[$frame->photo] + ($offsets[$frame->photo] ?? 0.0), $shown);
        $middle = (min($before) + max($before)) / 2.0;
        $from = min([...$before, ...$after, $middle - self::LEAST_STOPS]);
        $to = max([...$before, ...$after, $middle + self::LEAST_STOPS]);
        $level = [];
        foreach ($brightness as $number => $stops) {
            $level[$number] = $stops + ($offsets[$number] ?? 0.0);
        }

        return new self(
            self::path($before, $from, $to),
            $offsets === [] ? '' : self::path($after, $from, $to),
            $from,
            $to,
            Flicker::of($brightness)?->stops,
            Flicker::of($level)?->stops,
        );
    }

    /**
     * @param non-empty-list<float> $stops
     */
    private static function path(array $stops, float $from, float $to): string
    {
        $path = '';
        foreach ($stops as $n => $one) {
            $across = self::WIDTH * ($n + 0.5) / count($stops);
            $path .= sprintf('%s%.1F %.1F', $n === 0 ? 'M' : 'L', $across, self::HEIGHT * ($to - $one) / ($to - $from));
        }

        return $path;
    }
}
