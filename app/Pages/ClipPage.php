<?php

declare(strict_types=1);

namespace App\Pages;

use App\Models\CardReading;
use App\Models\ClipRevision;
use App\Models\Film;
use App\Models\Shot;
use App\Models\Take;
use App\Status\ReadingStatus;
use Evrent\Core\Clip\Clip;
use Evrent\Core\Clip\Crop;
use Evrent\Core\Clip\Frames;
use Evrent\Core\Clip\Size;
use Evrent\Core\Drawings\ClipBrightness;
use Evrent\Core\Drawings\ClipStrip;
use Evrent\Core\Export\Film as FilmOf;
use Evrent\Core\Export\Material;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Text;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;
use Evrent\Devices\Files\ShotFile;
use Evrent\Devices\Film\FilmWork;
use Evrent\Words\Words;
use Illuminate\Support\Collection;

/**
 * The clip of a shot: its list, what comes of it, and the films that were made of it.
 */
final class ClipPage
{
    public readonly ?ClipPhotos $card;
    public readonly Plan $plan;
    public readonly ?ClipRevision $revision;
    public readonly Clip $clip;
    private ?Frames $worked = null;
    private ?Material $made = null;
    private ?PhotosPage $pictures = null;

    /** @param ?Take $take of whose photos it is; null for those that were read last */
    public function __construct(public readonly Shot $shot, public readonly ?Take $take = null)
    {
        $readings = CardReading::query()->where('shot_id', $shot->id)->where('status', ReadingStatus::Done);
        $reading = ($take === null ? $readings : $readings->where('take_id', $take->id))->latest('id')->first();
        $reading?->setRelation('shot', $shot);
        $this->card = $reading === null ? null : new ClipPhotos($reading);
        $this->plan = $this->card?->plan() ?? $take?->revision->toPlan() ?? $shot->currentRevision()->toPlan();
        $this->revision = ClipRevision::query()->find($shot->clip_revision_id);
        $this->clip = $this->revision?->clip() ?? Clip::begun($this->plan);
    }

    public function photos(): int
    {
        return $this->plan->photosTotal();
    }

    /** The shot, with its photos where they were read. */
    public function material(): Material
    {
        return $this->made ??= match (true) {
            $this->card !== null => $this->card->material(),
            $this->take !== null => Material::run($this->take->report(Schedule::of($this->plan))),
            default => Material::planned(Schedule::of($this->plan)),
        };
    }

    /** @return list<int> numbers of photos that are missing or not to be seen */
    public function unfit(): array
    {
        return $this->card === null && $this->take === null ? [] : $this->material()->unfit();
    }

    /**
     * @throws InvalidInput when there is nothing to be shown
     */
    public function frames(): Frames
    {
        return $this->worked ??= Frames::of($this->clip, $this->photos(), $this->unfit());
    }

    /** @return ?Frames null when there is nothing to be shown */
    public function framesOrNull(): ?Frames
    {
        try {
            return $this->frames();
        } catch (InvalidInput) {
            return null;
        }
    }

    /** @return ?array{int, int} width and height of the photos, pixels; null where none can be looked at */
    public function photoSize(): ?array
    {
        foreach ($this->card === null || $this->card->trouble() !== '' ? [] : $this->card->paths as $path) {
            $size = FilmWork::sizeOf($path);
            if ($size !== null) {
                return $size;
            }
        }

        return null;
    }

    /** Width over height of the photos: as they are, or else as the plan's body takes them. */
    public function photoShape(): float
    {
        $size = $this->photoSize();

        return Crop::shape(...$size ?? [$this->plan->optics->imageWidthPixels ?? 3, $this->plan->optics->imageHeightPixels ?? 2]);
    }

    /** What is to be said before it is made: that most of it would be made up; null where enough photos are there. */
    public function patchy(): ?Message
    {
        if ($this->card === null || $this->card->trouble() !== '') {
            return null;
        }
        try {
            return $this->frames()->patchy(count($this->card->paths), $this->plan->photosTotal());
        } catch (InvalidInput) {
            // That there is nothing to show is said by its field.
            return null;
        }
    }

    /**
     * The film that comes of it, once all photos were looked at.
     *
     * @throws InvalidInput by /photos, /crop_width, /end_width
     */
    public function checkedSize(): FilmOf
    {
        $frames = $this->frames();
        [$width, $height] = (new FilmWork($frames, $this->card->paths ?? []))->size();
        $problems = $this->cropProblems();
        if ($problems !== []) {
            throw new InvalidInput($problems);
        }

        return new FilmOf($frames, $width, $height, []);
    }

    /**
     * @return list<Problem> of crops that leave the photo
     */
    public function cropProblems(): array
    {
        $problems = [];
        foreach (['crop' => $this->clip->crop, 'end' => $this->clip->endCrop] as $name => $crop) {
            if ($crop !== null && !$crop->fits($this->photoShape(), $this->clip->shape)) {
                $problems[] = new Problem("/{$name}_width", Words::of('app.clip.outside'));
            }
        }

        return $problems;
    }

    /** How far the photos' pixels carry: in words. */
    public function carries(): Message|string
    {
        $size = $this->photoSize();
        $frames = $this->framesOrNull();

        return $size === null || $frames === null ? '' : $frames->carriesTold($size[0], $size[1]);
    }

    public function strip(): ?ClipStrip
    {
        $frames = $this->framesOrNull();

        return $frames === null ? null : ClipStrip::of($frames, $this->photos(), $this->unfit());
    }

    public function brightness(): ?ClipBrightness
    {
        $frames = $this->framesOrNull();

        return $frames === null || $this->card === null ? null : ClipBrightness::of($frames, $this->card->brightness(), $this->card->offsets());
    }

    /** The address of a file for another program, or of the XMP files of all photos. */
    public function fileAt(?ShotFile $file): string
    {
        $of = $this->take === null ? $this->shot->address() : [...$this->shot->address(), 'take' => $this->take->id];

        return route($this->take === null ? 'clip.file' : 'takes.file', [...$of, 'format' => $file->value ?? 'xmp']);
    }

    /** @return Collection<int, Film> the newest first */
    public function films(): Collection
    {
        return Film::query()->where('shot_id', $this->shot->id)->latest('id')->limit(20)->get()
            ->each(fn (Film $film) => $film->setRelation('shot', $this->shot));
    }

    /** @return Collection<int, ClipRevision> the newest first */
    public function revisions(): Collection
    {
        return ClipRevision::query()->where('shot_id', $this->shot->id)->latest('id')->limit(20)->get();
    }

    public function canUndo(): bool
    {
        return $this->revision?->parent_id !== null;
    }

    public function canRedo(): bool
    {
        return $this->revision !== null && ClipRevision::query()->where('parent_id', $this->revision->id)->exists();
    }

    /** The address of a picture of a photo: that of the card, where it is. */
    public function picture(int $number): ?string
    {
        $this->pictures ??= $this->card === null ? null : new PhotosPage($this->shot, $this->card->reading);

        return $this->pictures?->pictureOf($number);
    }

    /** The address of a photo as large as it can be shown. */
    public function large(int $number): string
    {
        return $this->card?->reading->at('whole', number: $number) ?? '';
    }

    /** @return array<string, Text|string> labels by value */
    public static function choices(string $enum): array
    {
        /** @var class-string<\BackedEnum&\Evrent\Core\Words\Labelled> $enum */
        $choices = [];
        foreach ($enum::cases() as $case) {
            $choices[(string) $case->value] = $case === Size::Full ? Words::of('app.clip.all') : $case->label();
        }

        return $choices;
    }
}
