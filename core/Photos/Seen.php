<?php

declare(strict_types=1);

namespace Evrent\Core\Photos;

use Evrent\Core\Shot\Shot;

/**
 * All that the photos of a shot tell together, once it is known which is which and their pictures were looked at.
 */
final readonly class Seen
{
    /**
     * @param list<array{what: string, first: int, last: int, count: int, says: string, failure?: string, mend: string}> $findings beside those of the
     *                                                                                                       pairing and of the brightness
     * @param list<int> $spoilt numbers of photos that are missing, or that spoil the clip
     */
    private function __construct(public Measured $measured, public array $findings, public array $spoilt, public Sheet $sheet)
    {
    }

    /**
     * @param list<string>                         $names   all files in the order in which they were looked at
     * @param array<string, float>                 $lumas   how bright each is, of light, 0 to 1
     * @param array<string, array{float, float}> $shifts  how much farther right and down the picture of each lies than that of the one before it
     */
    public static function of(Shot $shot, Matching $matching, array $names, array $lumas, array $shifts): self
    {
        $measured = Measured::of($matching, $lumas);
        $bumps = Bumps::of($shot, $matching, array_values(array_filter($names, static fn (string $name): bool => isset($lumas[$name]))), $shifts);
        $timer = OwnTimer::finding($shot, $matching);
        $more = [...$bumps->findings(), ...($timer === null ? [] : [$timer])];
        $spoilt = array_values(array_unique([...$measured->spoilt(), ...$bumps->bumped, ...$bumps->knocked]));
        sort($spoilt);

        return new self(
            $measured,
            $more,
            $spoilt,
            Sheet::of($shot->schedule, $matching, $measured, $shot->light()?->predicted() ?? [], $spoilt),
        );
    }
}
