<?php

declare(strict_types=1);

namespace App\Pages;

use App\Models\CardReading;
use DateTimeImmutable;
use DateTimeZone;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Motion\Axis;
use Evrent\Core\Photos\CardPhoto;
use Evrent\Core\Photos\Neighbours;
use Evrent\Core\Run\Take\TakeReport;
use Evrent\Core\Schedule\Photo;
use Evrent\Core\Schedule\Schedule;
use Evrent\Words\Words;

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
    private ?TakeReport $report;

    /**
     * @param int $number of the planned photo, from 1
     */
    public function __construct(public CardReading $reading, public int $number)
    {
        $this->all = new PhotosPage($reading->shot, $reading);
        $this->file = $this->all->file($number);
        $this->schedule = Schedule::of($reading->revision->toPlan());
        $this->planned = $this->schedule->photo($number);
        $this->report = $reading->take?->report($this->schedule);
        $this->photo = $this->file === null ? null : $reading->photos()->named($this->file);
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

    public function hasRun(): bool
    {
        return $this->report !== null;
    }

    /** Where an axis really stood, as the take's log has it; empty where it does not say. */
    public function stood(Axis $axis): string
    {
        $stood = $this->report?->stood($axis->id, $this->number);

        return $stood === null ? '' : Words::say(Settings::kept()->units->axisText($axis->kind, $stood));
    }

    /**
     * What is told of it: what, as planned, as it was run, on the card.
     *
     * @return list<array{string, string, string, string}>
     */
    public function told(): array
    {
        $plan = $this->schedule->plan;
        $run = $this->report->photos[$this->number] ?? null;
        $begun = $plan->firstTrigger();
        $clock = fn (?float $seconds): string => $seconds === null ? '' : (new DateTimeImmutable('@' . (int) $seconds))
            ->setTimezone(new DateTimeZone($plan->site->zone ?? 'UTC'))->format('H:i:s');
        $number = static fn (?float $value, string $before = '', string $unit = ''): string => $value === null
            ? ''
            : $before . Words::say(Quantity::rounded($value, 1)) . $unit;
        $late = $run['late'] ?? null;

        return array_values(array_filter([
            [
                Words::of('app.card_photo.at'),
                $clock($begun?->plusSeconds($this->planned->openSeconds)->unixSeconds),
                isset($run['actual'])
                    ? Words::say(Quantity::fixed($run['actual'], 2)) . ' s'
                        . ($late === null ? '' : Words::of('app.card_photo.late', late: Quantity::fixed($late, 2)))
                    : '',
                $clock($this->photo?->unixSeconds),
            ],
            [Words::of('app.card_photo.state'), '', Words::say(isset($run['state']) ? $run['state']->label() : ''),
                $this->file === null ? Words::of('app.card_photo.missing') : ''],
            [Words::of('app.card_photo.file'), '', basename($run['object'] ?? ''), basename($this->file ?? '')],
            [Words::of('app.card_photo.shutter'), Words::say(Quantity::shutter($this->planned->exposureSeconds)) . ' s', '',
                $this->photo?->exposureSeconds === null ? '' : Words::say(Quantity::shutter($this->photo->exposureSeconds)) . ' s'],
            [Words::of('app.card_photo.aperture'), $number($plan->light?->aperture, 'f/'), '', $number($this->photo?->aperture, 'f/')],
            ['ISO', $number($this->planned->iso), '', $number($this->photo?->iso)],
            [
                Words::of('app.card_photo.focal'),
                $number($plan->optics?->focalMillimetres, '', ' mm'),
                '',
                $number($this->photo?->focalMillimetres, '', ' mm'),
            ],
            [Words::of('app.card_photo.white'), Words::say($plan->settings->told()[0] ?? ''), '', $this->whiteBalance()],
        ], static fn (array $row): bool => $row[1] . $row[2] . $row[3] !== ''));
    }

    /** As the file says; another program's word for it as it is. */
    private function whiteBalance(): string
    {
        return match ($this->photo?->whiteBalance) {
            'manual' => Words::of('app.card_photo.white_manual'),
            'auto' => Words::of('app.card_photo.white_auto'),
            default => $this->photo->whiteBalance ?? '',
        };
    }
}
