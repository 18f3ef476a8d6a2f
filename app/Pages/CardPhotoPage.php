<?php

declare(strict_types=1);

namespace App\Pages;

use App\Models\CardReading;
use Evrent\Core\Photos\CardPhoto;
use Evrent\Core\Photos\Neighbours;
use Evrent\Core\Schedule\Photo;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Words\PlainText;

/**
 * One photo on the card beside its neighbours, with what its file says and what the plan had.
 */
final readonly class CardPhotoPage
{
    public PhotosPage $all;
    public Photo $planned;
    public Schedule $schedule;
    public ?string $file;
    public ?CardPhoto $photo;

    /**
     * @param int $number of the planned photo, from 1
     */
    public function __construct(public CardReading $reading, public int $number)
    {
        $this->all = new PhotosPage($reading->shot, $reading);
        $this->file = $this->all->file($number);
        $this->schedule = Schedule::of($reading->revision->toPlan());
        $this->planned = $this->schedule->photo($number);
        $found = array_column(array_map(static fn (CardPhoto $one): array => [$one->file, $one], $reading->photos()->photos), 1, 0);
        $this->photo = $this->file === null ? null : $found[$this->file] ?? null;
    }

    /**
     * @return array<int, ?string> files of those around it, by number
     */
    public function around(): array
    {
        $around = [];
        foreach (Neighbours::of($this->number, $this->all->count()) as $number) {
            $around[$number] = $this->all->file($number);
        }

        return $around;
    }

    /**
     * What is told of it: what, on the card, as planned.
     *
     * @return list<array{string, string, string}>
     */
    public function told(): array
    {
        $light = $this->schedule->plan->light;
        $zone = $this->schedule->plan->site->zone ?? 'UTC';
        $at = $this->photo?->unixSeconds;
        $clock = static fn (?float $seconds): string => $seconds === null ? '' : (new \DateTimeImmutable('@' . (int) $seconds))
            ->setTimezone(new \DateTimeZone($zone))->format('H:i:s');
        $number = static fn (?float $value, string $before = ''): string => $value === null ? '' : $before . PlainText::rounded($value, 1);

        return array_values(array_filter([
            ['Taken at', $clock($at), $clock($this->schedule->plan->firstTrigger()?->plusSeconds($this->planned->openSeconds)->unixSeconds)],
            ['Open for', $this->photo?->exposureSeconds === null ? '' : PlainText::shutter($this->photo->exposureSeconds) . ' s',
                PlainText::shutter($this->planned->exposureSeconds) . ' s'],
            ['Aperture', $number($this->photo?->aperture, 'f/'), $number($light?->aperture, 'f/')],
            ['ISO', $number($this->photo?->iso), $number($this->planned->iso)],
            ['Focal length', $this->photo?->focalMillimetres === null ? '' : $number($this->photo->focalMillimetres) . ' mm',
                $this->schedule->plan->optics === null ? '' : $number($this->schedule->plan->optics->focalMillimetres) . ' mm'],
            ['White balance', $this->photo->whiteBalance ?? '', implode(', ', array_slice($this->schedule->plan->settings->told(), 0, 1))],
        ], static fn (array $row): bool => $row[1] !== '' || $row[2] !== ''));
    }
}
