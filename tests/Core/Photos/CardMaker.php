<?php

declare(strict_types=1);

namespace Tests\Core\Photos;

use DateTimeImmutable;
use DateTimeZone;
use Evrent\Core\Photos\PlannedPhotos;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Shot\Shot;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * A card as a shoot may have left it, as exiftool tells of it, with the truth.
 */
final class CardMaker
{
    private const SHAKE_SECONDS = 0.02;

    private readonly Randomizer $random;
    private readonly PlannedPhotos $planned;

    /** @var list<array<string, mixed>> */
    private array $files = [];
    private int $number;
    private int $card = 1;

    /** @var array<int, ?string> by number */
    public array $truth = [];

    /** @var array<string, string> why, by file */
    public array $extras = [];

    /**
     * @param float      $offset   of the clock, seconds
     * @param float      $driftPpm of it
     * @param bool       $hasParts whether it shows parts of a second
     * @param list<int>  $missing  numbers of photos that are not there
     * @param ?int       $stoppedAfter the last that was taken
     * @param list<float> $testsBefore seconds before the first photo
     * @param list<float> $testsAfter seconds after the last
     * @param list<int>  $doubled  numbers that were taken twice
     * @param ?int       $secondCardFrom number from which they are on the second card
     * @param bool       $saysOffset whether the photos say how far their time is from UTC
     */
    public function __construct(
        Plan $plan,
        int $seed,
        private readonly float $offset = 0.0,
        private readonly float $driftPpm = 0.0,
        public readonly bool $hasParts = true,
        array $missing = [],
        ?int $stoppedAfter = null,
        array $testsBefore = [],
        array $testsAfter = [],
        array $doubled = [],
        private readonly ?int $secondCardFrom = null,
        int $firstNumber = 1,
        private readonly bool $saysOffset = true,
        private readonly string $timeTag = 'DateTimeOriginal',
    ) {
        $this->random = new Randomizer(new Mt19937($seed));
        $this->planned = PlannedPhotos::of(Shot::of($plan));
        $this->number = $firstNumber;
        foreach ($testsBefore as $seconds) {
            $this->extras[$this->shoot(-$seconds, 0.25, 1)] = 'test_before';
        }
        foreach ($this->planned->openSeconds as $j => $open) {
            $photo = $j + 1;
            $this->truth[$photo] = null;
            if (in_array($photo, $missing, true) || $stoppedAfter !== null && $photo > $stoppedAfter) {
                continue;
            }
            $this->truth[$photo] = $this->shoot($open + $this->shake(), $this->planned->exposures[$j] ?? 0.5, $photo);
            if (in_array($photo, $doubled, true)) {
                $this->extras[$this->shoot($open + 0.3, $this->planned->exposures[$j] ?? 0.5, $photo)] = 'double';
            }
        }
        foreach ($testsAfter as $seconds) {
            $last = $this->planned->openSeconds[($stoppedAfter ?? $this->planned->count()) - 1];
            $this->extras[$this->shoot($last + $seconds, 0.25, $this->planned->count())] = 'test_after';
        }
    }

    /** Photos of another body among them. */
    public function withAnotherBody(int $count): self
    {
        $number = 4_000;
        for ($n = 0; $n < $count; $n++) {
            $at = $this->random->getInt(0, 1_000) / 1_000 * $this->planned->openSeconds[$this->planned->count() - 1];
            $file = sprintf('card-3/DCIM/100OTHER/OTH_%04d.JPG', $number);
            $this->files[] = $this->tags($file, $at + 77.0, 0.01) + ['SerialNumber' => '2002'];
            $this->extras[$file] = 'other_body';
            $number++;
        }

        return $this;
    }

    /**
     * Another series of the same body.
     *
     * @param float $from seconds from the first photo of the plan's
     */
    public function withSeries(int $count, float $every, float $from, float $exposure, int $firstNumber, string $why, int $card = 1): self
    {
        $number = $this->number;
        $this->number = $firstNumber;
        $this->card = $card;
        for ($n = 0; $n < $count; $n++) {
            $this->extras[$this->shoot($from + $n * $every + $this->shake(), $exposure, 1)] = $why;
        }
        $this->number = $number;
        $this->card = 1;

        return $this;
    }

    /** The same files once more, on a card that was copied to. */
    public function withCopies(int $count): self
    {
        foreach (array_slice($this->files, 0, $count) as $tags) {
            assert(is_string($tags['FileName']));
            $file = 'copy/' . $tags['FileName'];
            $this->files[] = ['SourceFile' => $file] + $tags;
            $this->extras[$file] = 'copy';
        }

        return $this;
    }

    public function json(): string
    {
        return json_encode($this->random->shuffleArray($this->files), JSON_THROW_ON_ERROR);
    }

    /** The last of the plan's photos that is there. */
    public function lastTaken(): int
    {
        return max([0, ...array_keys(array_filter($this->truth, is_string(...)))]);
    }

    public function planned(): PlannedPhotos
    {
        return $this->planned;
    }

    private function shake(): float
    {
        return $this->random->getInt(-100, 100) / 100 * self::SHAKE_SECONDS;
    }

    private function shoot(float $seconds, float $exposure, int $photo): string
    {
        $folder = 100 + intdiv($this->number - 1, 9_999);
        $file = sprintf(
            'card-%d/DCIM/%dEVRNT/EVR_%04d.JPG',
            $this->secondCardFrom !== null && $photo >= $this->secondCardFrom ? 2 : $this->card,
            $folder,
            ($this->number - 1) % 9_999 + 1,
        );
        $this->number++;
        $this->files[] = $this->tags($file, $seconds, $exposure) + ['SerialNumber' => '1001'];

        return $file;
    }

    /**
     * @return array<string, mixed>
     */
    private function tags(string $file, float $seconds, float $exposure): array
    {
        $shows = ($this->planned->firstUnixSeconds ?? 0.0) + $this->offset + (1.0 + $this->driftPpm * 1e-6) * $seconds;
        $at = (new DateTimeImmutable('@' . (int) floor($shows)))->setTimezone(new DateTimeZone($this->saysOffset ? '+00:00' : 'Europe/London'));

        return [
            'SourceFile' => $file, 'FileName' => basename($file), 'MIMEType' => 'image/jpeg', $this->timeTag => $at->format('Y:m:d H:i:s'),
            'ExposureTime' => $exposure, 'FNumber' => 5.6, 'ISO' => 100,
        ] + ($this->hasParts ? ['SubSecTimeOriginal' => sprintf('%02d', (int) (100.0 * ($shows - floor($shows))))] : [])
            + ($this->saysOffset ? ['OffsetTimeOriginal' => '+00:00'] : []);
    }
}
