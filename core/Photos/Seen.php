<?php

declare(strict_types=1);

namespace Evrent\Core\Photos;

use Evrent\Core\Checks\Finding;
use Evrent\Core\Findings\FindingId;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Shot\Shot;

/**
 * All that the photos of a shot tell together, once it is known which is which and their pictures were looked at.
 */
final readonly class Seen
{
    /** A stop off is seen. */
    private const ASTRAY_STOPS = 1.0;

    /**
     * @param array<string, Finding> $findings beside those of the matching and of the brightness
     * @param list<int> $spoilt numbers of photos that are missing, or that spoil the clip
     */
    private function __construct(public Measured $measured, public array $findings, public array $spoilt, public Sheet $sheet)
    {
    }

    /**
     * @param list<string>                         $names   all files in the order in which they were looked at
     * @param array<string, float>                 $lumas   how bright each is, of light, 0 to 1
     * @param array<string, array{float, float}> $shifts  how much farther right and down the picture of each lies than that of the one before it
     * @param array<string, true>                  $torn    files whose end is not there
     */
    public static function of(Shot $shot, Matching $matching, array $names, array $lumas, array $shifts, array $torn = []): self
    {
        $predicted = $shot->light()?->predicted() ?? [];
        $measured = Measured::of($matching, $lumas);
        $bumps = Bumps::of($shot, $matching, array_values(array_filter($names, static fn (string $name): bool => isset($lumas[$name]))), $shifts);
        $timer = OwnTimer::finding($shot, $matching);
        $broken = [];
        foreach ($torn === [] ? [] : $matching->files() as $number => $file) {
            if ($file !== null && isset($torn[$file])) {
                $broken[] = $number;
            }
        }
        $more = [...$bumps->findings(), ...$timer, ...self::broken($broken), ...self::astray($measured, $predicted)];
        $spoilt = array_values(array_unique([...$measured->spoilt(), ...$bumps->bumped, ...$bumps->knocked, ...$broken]));
        sort($spoilt);

        return new self(
            $measured,
            $more,
            $spoilt,
            Sheet::of($shot->schedule, $matching, $measured, $predicted, $spoilt),
        );
    }

    /**
     * @param list<int> $numbers
     *
     * @return array<string, Finding>
     */
    private static function broken(array $numbers): array
    {
        return $numbers === [] ? [] : CardFinding::of('torn', FindingId::PhotosSpoilt, $numbers);
    }

    /**
     * The trend of the brightness against the plan's ramp: where it goes farther from it than anybody would see as planned.
     *
     * @param list<float> $predicted stops of all photos
     *
     * @return array<string, Finding>
     */
    private static function astray(Measured $measured, array $predicted): array
    {
        $off = [];
        foreach ($predicted === [] ? [] : $measured->trend() as $number => $stops) {
            $off[$number] = $stops - ($predicted[$number - 1] ?? 0.0);
        }
        $sorted = array_values($off);
        sort($sorted);
        $middle = $sorted[intdiv(count($sorted), 2)] ?? 0.0;
        $far = array_filter($off, static fn (float $stops): bool => abs($stops - $middle) > self::ASTRAY_STOPS);
        if ($far === []) {
            return [];
        }
        $most = array_reduce($far, static fn (float $most, float $stops): float => abs($stops - $middle) > abs($most) ? $stops - $middle : $most, 0.0);

        return CardFinding::of(
            'astray',
            FindingId::LightRunsOut,
            array_keys($far),
            ['stops' => Quantity::rounded(abs($most), 1)],
            $most > 0.0 ? 'brighter' : 'darker',
        );
    }
}
