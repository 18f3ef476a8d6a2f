<?php

declare(strict_types=1);

namespace Evrent\Core\Clip;

use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;

/**
 * A clip frame by frame: which photo each shows.
 *
 * The time goes along the photos from the in point: from one frame to the next by as many photos as the speed there says. Each frame shows the
 * photo whose time has come; where that is missing or bad, what the clip has for holes. Reversed, the same goes from the out point back.
 */
final readonly class Frames
{
    private const MOST = 500_000;
    private const ROUNDING = 1e-9;

    /** Of the photos of a plan: fewer make no clip of it. */
    private const ENOUGH = 0.95;

    /** So little nobody sees. */
    private const ENLARGED = 0.02;

    /**
     * @param list<Frame> $frames
     */
    private function __construct(public Clip $clip, public array $frames, private int $step = 1)
    {
    }

    /**
     * @param int       $photos of the plan, numbered from 1
     * @param list<int> $unfit  numbers of those that are missing or bad
     *
     * @throws InvalidInput with pointers /in, /out, /speeds, or none where there is nothing to show
     */
    public static function of(Clip $clip, int $photos, array $unfit = []): self
    {
        $first = $clip->in ?? 1;
        $last = $clip->out ?? $photos;
        if ($photos < 1) {
            throw new InvalidInput([new Problem('', new Message('clip.frames.none'))]);
        }
        foreach (['/in' => $first, '/out' => $last] as $pointer => $number) {
            if ($number > $photos) {
                throw new InvalidInput([new Problem($pointer, new Message('clip.frames.number', ['photos' => $photos]))]);
            }
        }
        $isUnfit = array_fill_keys($unfit, true);
        [$before, $after] = self::neighbours($first, $last, $isUnfit);
        $shown = [];
        foreach (self::times($clip, $first, $last) as [$number, $speed]) {
            $frame = self::shown($clip->holes, $number, $isUnfit, $before, $after);
            if ($frame !== null) {
                $shown[] = [$frame[0], $frame[1], $frame[2], $frame[3], $speed];
            }
        }
        if ($shown === []) {
            throw new InvalidInput([new Problem('/in', new Message('clip.frames.no_photo'))]);
        }
        $frames = [];
        $end = $clip->endCrop;
        foreach ($shown as $n => $one) {
            $crop = $end === null ? $clip->crop : $clip->crop->toward($end, count($shown) === 1 ? 0.0 : $n / (count($shown) - 1));
            $frames[] = new Frame($one[0], $one[1], $one[2], $one[3], $crop, $one[4]);
        }

        return new self($clip, $frames);
    }

    /** Fewer frames in the same time, for a quick look: one of so many. */
    public function oneOf(int $step): self
    {
        $few = array_values(array_filter($this->frames, static fn (int $n): bool => $n % $step === 0, ARRAY_FILTER_USE_KEY));

        return new self($this->clip, $few, $step * $this->step);
    }

    /** @return array{int, int} frames in so many seconds, exactly */
    public function rate(): array
    {
        [$frames, $seconds] = $this->clip->rate->fraction();

        return [$frames, $seconds * $this->step];
    }

    public function seconds(): float
    {
        [$frames, $seconds] = $this->rate();

        return count($this->frames) * $seconds / $frames;
    }

    /** @return array{int, int} numbers of the photos that the first frame shows, and the last */
    public function ends(): array
    {
        return [$this->frames[0]->photo, $this->frames[count($this->frames) - 1]->photo];
    }

    /**
     * What is to be said before a clip is made of photos many of which are not there: most likely they were matched to another take.
     *
     * @param int $there photos that are on the card
     * @param int $count photos of the plan
     *
     * @return ?Message null where enough are there
     */
    public function patchy(int $there, int $count): ?Message
    {
        return $there >= self::ENOUGH * $count ? null : new Message('clip.frames.patchy', [
            'there' => $there,
            'count' => $count,
            'part' => match ($this->clip->holes) {
                Holes::Held => new Message('clip.frames.held', ['holes' => Quantity::counted($this->holes(), 'frame')]),
                Holes::Blended => new Message('clip.frames.blended', ['holes' => Quantity::counted($this->holes(), 'frame')]),
                Holes::Dropped => new Message('clip.frames.dropped'),
            },
        ]);
    }

    public function holes(): int
    {
        return count(array_filter($this->frames, static fn (Frame $frame): bool => $frame->isHole()));
    }

    /**
     * How many pixels of a photo there are for each of the clip's, where it is cropped most: below 1 it is enlarged.
     *
     * @param int $width  of the photos, pixels
     * @param int $height likewise
     */
    public function pixelsPerPixel(int $width, int $height): float
    {
        $least = INF;
        foreach ([$this->clip->crop, $this->clip->endCrop] as $crop) {
            $least = $crop === null ? $least : min($least, $crop->box($width / $height, $this->clip->shape)[3] * $height);
        }

        return $this->clip->size->height() === null ? 1.0 : $least / $this->clip->size->height();
    }

    /** How far the pixels of photos carry, in words; the sizes are those of `pixelsPerPixel()`. */
    public function carriesTold(int $width, int $height): Message
    {
        $pixels = $this->pixelsPerPixel($width, $height);
        $told = new Message('clip.frames.ratio', ['pixels' => Quantity::rounded($pixels, 2)]);
        if ($pixels >= 1.0 - self::ENLARGED) {
            return new Message('clip.frames.enough', ['told' => $told]);
        }
        $least = $pixels * ($this->clip->size->height() ?? $height);
        $sizes = array_filter(Size::cases(), static fn (Size $size): bool => $size->height() !== null && $size->height() <= $least);
        $largest = $sizes === [] ? null : max(array_map(static fn (Size $size): int => (int) $size->height(), $sizes));

        $mend = $largest === null ? new Message('clip.frames.all') : new Message('clip.frames.smaller', ['largest' => $largest]);

        return new Message('clip.frames.enlarged', ['told' => $told, 'mend' => $mend]);
    }

    /**
     * @return list<array{int, float}> number of the photo whose time has come, for each frame, and photos a frame there
     */
    private static function times(Clip $clip, int $first, int $last): array
    {
        $times = [];
        for ($at = (float) $first; $at < $last + 1.0 - self::ROUNDING; $at += $speed) {
            $speed = self::speed($clip->speeds, $at);
            $times[] = [(int) floor($at + self::ROUNDING), $speed];
            if (count($times) > self::MOST) {
                $says = new Message('clip.frames.too_slow', ['most' => self::MOST]);
                throw new InvalidInput([new Problem('/speeds', $says)]);
            }
        }

        return $clip->isReversed ? array_reverse($times) : $times;
    }

    /**
     * @param list<Speed> $speeds
     */
    private static function speed(array $speeds, float $at): float
    {
        foreach ($speeds as $speed) {
            $is = $speed->at($at);
            if ($is !== null) {
                return $is;
            }
        }

        return 1.0;
    }

    /**
     * The nearest photos before and after each that are fit to be shown.
     *
     * @param array<int, true> $isUnfit
     *
     * @return array{array<int, ?int>, array<int, ?int>} by number
     */
    private static function neighbours(int $first, int $last, array $isUnfit): array
    {
        $before = $after = [];
        for ($number = $first, $fit = null; $number <= $last; $number++) {
            $fit = isset($isUnfit[$number]) ? $fit : $number;
            $before[$number] = $fit;
        }
        for ($number = $last, $fit = null; $number >= $first; $number--) {
            $fit = isset($isUnfit[$number]) ? $fit : $number;
            $after[$number] = $fit;
        }

        return [$before, $after];
    }

    /**
     * @param array<int, true> $isUnfit
     * @param array<int, ?int> $before
     * @param array<int, ?int> $after
     *
     * @return ?array{int, int, ?int, float} number, photo, a second and its share; null where nothing is shown
     */
    private static function shown(Holes $holes, int $number, array $isUnfit, array $before, array $after): ?array
    {
        if (!isset($isUnfit[$number])) {
            return [$number, $number, null, 0.0];
        }
        [$low, $high] = [$before[$number] ?? null, $after[$number] ?? null];
        if ($holes === Holes::Dropped || $low === null && $high === null) {
            return null;
        }
        if ($low === null || $high === null || $holes === Holes::Held) {
            // Before the first that is fit there is none to be held: that one is.
            return [$number, $low ?? $high, null, 0.0];
        }

        return [$number, $low, $high, ($number - $low) / ($high - $low)];
    }
}
