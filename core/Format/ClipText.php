<?php

declare(strict_types=1);

namespace Evrent\Core\Format;

use Evrent\Core\Clip\Clip;
use Evrent\Core\Clip\Codec;
use Evrent\Core\Clip\Crop;
use Evrent\Core\Clip\FrameRate;
use Evrent\Core\Clip\Holes;
use Evrent\Core\Clip\Size;
use Evrent\Core\Clip\Speed;
use Evrent\Core\Messages\Joined;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Messages\Text;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problems;
use Evrent\Core\Words\PlainText;
use Evrent\Core\Words\TypedText;

/**
 * A clip's list as it is shown in fields and typed into them. A field of a span is named speeds.0.from, and so on; shares are per cent.
 */
final class ClipText
{
    public const SHAPES = ['16:9' => 16 / 9, '3:2' => 1.5, '4:3' => 4 / 3, '1:1' => 1.0, '4:5' => 0.8, '9:16' => 9 / 16, '2.39:1' => 2.39];

    private const NEAR = 1e-4;

    /** @return array<string, string> by field */
    public static function fields(Clip $clip): array
    {
        $end = $clip->endCrop ?? $clip->crop;
        $fields = [
            'in' => (string) $clip->in, 'out' => (string) $clip->out, 'holes' => $clip->holes->value, 'reversed' => $clip->isReversed ? 'yes' : 'no',
            'deflicker' => $clip->isDeflickered ? 'yes' : 'no', 'size' => $clip->size->value, 'rate' => $clip->rate->value, 'codec' => $clip->codec->value,
            'shape' => self::shape($clip->shape), ...self::crop('crop', $clip->crop),
            'moves' => $clip->endCrop === null ? 'no' : 'yes', ...self::crop('end', $end),
        ];
        foreach ($clip->speeds as $n => $speed) {
            $fields["speeds.{$n}.from"] = (string) $speed->from;
            $fields["speeds.{$n}.to"] = (string) $speed->to;
            $fields["speeds.{$n}.factor"] = PlainText::rounded($speed->factor, 3);
            $fields["speeds.{$n}.ramp"] = (string) $speed->ramp;
        }

        return $fields;
    }

    /**
     * @param array<string, string> $typed  by field, as `fields()` has them
     * @param int                   $photos of the plan
     *
     * @throws InvalidInput with pointers /in, /crop_x, /speeds/0/from, …
     */
    public static function read(array $typed, int $photos): Clip
    {
        $problems = new Problems();
        $text = static fn (string $field): string => trim($typed[$field] ?? '');
        $photo = static function (string $field) use ($text, $photos, $problems): ?int {
            $number = TypedText::count($text($field), $photos);
            if ($number === null && $text($field) !== '') {
                $problems->add(self::pointer($field), new Message('format.clip_text.photo', ['photos' => $photos]));
            }

            return $number;
        };
        $speeds = [];
        for ($n = 0; isset($typed["speeds.{$n}.from"]); $n++) {
            $speed = self::speed($n, $text, $photo, $problems);
            $speeds = $speed === null ? $speeds : [...$speeds, $n => $speed];
        }
        // In whichever order they were typed; what is wrong with one is told where it was.
        uasort($speeds, static fn (Speed $a, Speed $b): int => $a->from <=> $b->from);
        $before = null;
        foreach ($speeds as $n => $speed) {
            if ($before !== null && $speed->from <= $before->to) {
                $problems->add("/speeds/{$n}/from", new Message('format.clip_text.span', ['to' => $before->to]));
            }
            $before = $speed;
        }
        $crop = self::typedCrop('crop', $text, $problems);
        $end = $text('moves') === 'yes' ? self::typedCrop('end', $text, $problems) : null;
        [$in, $out] = [$photo('in'), $photo('out')];
        if ($in !== null && $out !== null && $out < $in) {
            $problems->add('/out', new Message('format.clip_text.out', ['in' => $in]));
        }
        $choices = [];
        foreach (['holes' => Holes::class, 'size' => Size::class, 'rate' => FrameRate::class, 'codec' => Codec::class] as $field => $choice) {
            $choices[$field] = $choice::tryFrom($text($field));
            if ($choices[$field] === null) {
                $problems->add("/{$field}", new Message('format.clip_text.choice', ['x' => implode(', ', array_column($choice::cases(), 'value'))]));
            }
        }
        $shape = self::SHAPES[$text('shape')] ?? TypedText::number($text('shape'));
        if ($shape === null || $shape < Clip::NARROWEST || $shape > Clip::WIDEST) {
            $problems->add('/shape', new Message('format.clip_text.shape'));
        }
        $problems->throwIfAny();
        assert($crop !== null && $shape !== null);
        assert($choices['holes'] instanceof Holes && $choices['size'] instanceof Size && $choices['rate'] instanceof FrameRate);
        assert($choices['codec'] instanceof Codec);

        return new Clip(
            $choices['holes'],
            $text('reversed') === 'yes',
            $in,
            $out,
            array_values($speeds),
            $crop,
            $end,
            $text('deflicker') === 'yes',
            $choices['size'],
            $choices['rate'],
            $choices['codec'],
            $shape,
        );
    }

    /** What differs, field by field: "first photo 1 → 20, deflicker yes". */
    public static function told(Clip $before, Clip $after): Text|string
    {
        [$was, $is] = [self::fields($before), self::fields($after)];
        $told = [];
        foreach ($is + $was as $field => $unused) {
            [$old, $new] = [$was[$field] ?? null, $is[$field] ?? null];
            $isOfEnd = str_starts_with($field, 'end_') && $is['moves'] === 'no';
            if ($old === $new || $isOfEnd) {
                continue;
            }
            $part = explode('.', $field);
            if (isset($part[2]) && $part[2] !== 'from' && ($old === null || $new === null)) {
                continue;
            }
            $name = new Message('clip.field.' . ($part[2] ?? $field));
            $told[] = match (true) {
                isset($part[2]) && $old === null => new Message('clip.changed.span', ['photo' => $new ?? '']),
                isset($part[2]) && $new === null => new Message('clip.changed.no_span', ['photo' => $old]),
                isset($part[2]) => new Message('clip.changed.of_span', ['number' => (int) $part[1] + 1, 'name' => $name, 'value' => $new]),
                $new === '' => new Message('clip.changed.as_shot', ['name' => $name]),
                in_array($new, ['yes', 'no'], true) => new Message('clip.changed.to', ['name' => $name, 'value' => new Message("common.{$new}")]),
                default => new Message('clip.changed.to', ['name' => $name, 'value' => $new ?? '']),
            };
        }

        return Joined::of($told, Joined::COMMA);
    }

    /** The pointer of a field. */
    public static function pointer(string $field): string
    {
        return '/' . str_replace('.', '/', $field);
    }

    private static function shape(float $shape): string
    {
        foreach (self::SHAPES as $name => $is) {
            if (abs($is - $shape) < self::NEAR) {
                return $name;
            }
        }

        return PlainText::rounded($shape, 4);
    }

    /** @return array<string, string> */
    private static function crop(string $name, Crop $crop): array
    {
        $percent = static fn (float $share): string => PlainText::rounded(100.0 * $share, 3);

        return ["{$name}_x" => $percent($crop->x), "{$name}_y" => $percent($crop->y), "{$name}_width" => $percent($crop->width)];
    }

    /**
     * @param callable(string): string $text
     */
    private static function typedCrop(string $name, callable $text, Problems $problems): ?Crop
    {
        $read = [];
        foreach (
            ['x', 'y', 'width'] as $part
        ) {
            $share = TypedText::percent($text("{$name}_{$part}"));
            $least = $part === 'width' ? Crop::LEAST : 0.0;
            if ($share === null || $share < $least || $share > 1.0) {
                $problems->add("/{$name}_{$part}", new Message("format.clip_text.crop_{$part}", ['least' => Quantity::rounded(100.0 * $least, 0)]));
            } else {
                $read[$part] = $share;
            }
        }

        return isset($read['x'], $read['y'], $read['width']) ? new Crop($read['x'], $read['y'], $read['width']) : null;
    }

    /**
     * @param callable(string): string $text
     * @param callable(string): ?int   $photo
     */
    private static function speed(int $n, callable $text, callable $photo, Problems $problems): ?Speed
    {
        $factor = TypedText::number(rtrim($text("speeds.{$n}.factor"), "× "));
        $ramp = $text("speeds.{$n}.ramp") === '' || $text("speeds.{$n}.ramp") === '0' ? 0 : TypedText::count($text("speeds.{$n}.ramp"));
        foreach (['from', 'to'] as $part) {
            if ($text("speeds.{$n}.{$part}") === '') {
                $problems->add("/speeds/{$n}/{$part}", new Message('format.clip_text.number'));
            }
        }
        if ($factor === null) {
            $problems->add("/speeds/{$n}/factor", new Message('format.clip_text.factor'));
        }
        if ($ramp === null) {
            $problems->add("/speeds/{$n}/ramp", new Message('format.clip_text.ramp'));
        }
        [$from, $to] = [$photo("speeds.{$n}.from"), $photo("speeds.{$n}.to")];
        if ($from === null || $to === null || $factor === null || $ramp === null) {
            return null;
        }
        if ($to < $from) {
            $problems->add("/speeds/{$n}/to", new Message('format.clip_text.to', ['from' => $from]));

            return null;
        }
        try {
            return new Speed($from, $to, $factor, $ramp);
        } catch (InvalidInput $invalid) {
            foreach ($invalid->problems as $problem) {
                $problems->add(str_replace('ramp_photos', 'ramp', "/speeds/{$n}{$problem->pointer}"), $problem->message);
            }

            return null;
        }
    }
}
