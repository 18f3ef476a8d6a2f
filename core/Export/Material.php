<?php

declare(strict_types=1);

namespace Evrent\Core\Export;

use Evrent\Core\Run\Take\PhotoState;
use Evrent\Core\Run\Take\TakeReport;
use Evrent\Core\Schedule\Schedule;

/**
 * What files for other programs are made of: a shot, and where there are some, its photos.
 */
final readonly class Material
{
    private const NAME_BYTES = 60;

    /**
     * @param array<int, string> $files   of the photos that are there, by number
     * @param list<int>          $spoilt  numbers of those that are not to be seen
     * @param list<int>          $picks   numbers of stills to keep
     * @param array<int, float>  $offsets stops by which a photo has to be made brighter to come level, by number
     */
    public function __construct(
        public Schedule $schedule,
        public array $files = [],
        public array $spoilt = [],
        public array $picks = [],
        public array $offsets = [],
    ) {
    }

    /** A shot whose photos nobody has read yet: each will be there, under the name of its link. */
    public static function planned(Schedule $schedule): self
    {
        $names = new self($schedule);
        $numbers = range(1, $names->photos());

        return new self($schedule, array_map($names->linkName(...), array_combine($numbers, $numbers)));
    }

    /** A shot as it was run, whose photos nobody has read yet: under the names of its links, without those that were never taken. */
    public static function run(TakeReport $report): self
    {
        $planned = self::planned($report->state->schedule);
        $was = static fn (int $number): ?PhotoState => $report->photos[$number]['state'] ?? null;
        $taken = array_filter(
            $planned->files,
            static fn (int $number): bool => !in_array($was($number), [null, PhotoState::Missing, PhotoState::Uncertain], true),
            ARRAY_FILTER_USE_KEY,
        );

        return new self($planned->schedule, $taken, array_values(array_filter(
            array_keys($taken),
            static fn (int $number): bool => $was($number) === PhotoState::Spoilt,
        )));
    }

    public function photos(): int
    {
        return $this->schedule->photosTotal();
    }

    /** The shot's title as the beginning of file names: letters, digits and dashes, at least one of them. */
    public function name(): string
    {
        $plain = trim((string) preg_replace('/[^\p{L}\p{N}]+/u', '-', $this->schedule->plan->title), '-');

        return $plain === '' ? 'shot' : mb_strcut($plain, 0, self::NAME_BYTES);
    }

    /**
     * The name under which a photo is linked or copied, numbered by the plan.
     *
     * @param int $number of the photo, from 1
     */
    public function linkName(int $number): string
    {
        $ending = strtolower(pathinfo($this->files[$number] ?? '', PATHINFO_EXTENSION));

        return sprintf('%s_%06d.%s', $this->name(), $number, $ending === '' || $ending === 'jpeg' ? 'jpg' : $ending);
    }

    /** @return list<int> numbers of photos that are missing or bad */
    public function unfit(): array
    {
        $unfit = [];
        $spoilt = array_fill_keys($this->spoilt, true);
        for ($number = 1; $number <= $this->photos(); $number++) {
            if (!isset($this->files[$number]) || isset($spoilt[$number])) {
                $unfit[] = $number;
            }
        }

        return $unfit;
    }
}
