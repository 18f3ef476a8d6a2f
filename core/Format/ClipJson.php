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
use Evrent\Core\Messages\Message;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;
use Evrent\Core\Values\Problems;
use JsonException;

/**
 * A clip's list in the open format evrent.clip/1.
 */
final class ClipJson
{
    public const FORMAT = 'evrent.clip/1';
    private const MOST_SPEEDS = 100;

    /** @return string the same for the same clip, byte by byte */
    public static function write(Clip $clip): string
    {
        $crop = static fn (Crop $crop): array => ['x' => $crop->x, 'y' => $crop->y, 'width' => $crop->width];

        return json_encode([
            'format' => self::FORMAT,
            'holes' => $clip->holes->value,
            'reversed' => $clip->isReversed,
            ...($clip->in === null ? [] : ['in' => $clip->in]),
            ...($clip->out === null ? [] : ['out' => $clip->out]),
            'speeds' => array_map(static fn (Speed $speed): array => [
                'from' => $speed->from, 'to' => $speed->to, 'factor' => $speed->factor, 'ramp_photos' => $speed->ramp,
            ], $clip->speeds),
            'crop' => $crop($clip->crop),
            ...($clip->endCrop === null ? [] : ['end_crop' => $crop($clip->endCrop)]),
            'shape' => round($clip->shape, 6),
            'deflicker' => $clip->isDeflickered,
            'size' => $clip->size->value,
            'rate' => $clip->rate->value,
            'codec' => $clip->codec->value,
        ], JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_PRESERVE_ZERO_FRACTION) . "\n";
    }

    /**
     * @throws InvalidInput by the field
     */
    public static function read(string $json): Clip
    {
        try {
            $document = json_decode($json, false, 16, JSON_THROW_ON_ERROR);
        } catch (JsonException $broken) {
            throw new InvalidInput([new Problem('', new Message('format.clip_json.not_json', ['why' => $broken->getMessage()]))]);
        }
        $problems = new Problems();
        $fields = new Fields($document, '', $problems);
        if ($fields->text('format') !== self::FORMAT) {
            $problems->add('/format', new Message('format.clip_json.format', ['format' => self::FORMAT]));
        }
        $speeds = $fields->has('speeds') ? $fields->items('speeds', self::MOST_SPEEDS, static function (mixed $item, string $pointer) use ($problems): ?Speed {
            $one = new Fields($item, $pointer, $problems);
            $read = [$one->whole('from', 1), $one->whole('to', 1), $one->number('factor', 1.0), $one->whole('ramp_photos', 0, 0)];
            $one->refuseTheRest();

            return $one->make(static fn (): Speed => new Speed(...$read));
        }) : [];
        $crop = $fields->has('crop') ? self::crop($fields->child('crop')) : new Crop();
        $endCrop = $fields->has('end_crop') ? self::crop($fields->child('end_crop')) : null;
        $read = [
            $fields->choice('holes', Holes::class, Holes::Held, Holes::Held),
            $fields->flag('reversed', false),
            $fields->wholeOrNull('in', 1),
            $fields->wholeOrNull('out', 1),
            array_values(array_filter($speeds)),
            $crop ?? new Crop(),
            $endCrop,
            $fields->flag('deflicker', false),
            $fields->choice('size', Size::class, Size::P1080, Size::P1080),
            $fields->choice('rate', FrameRate::class, FrameRate::R24, FrameRate::R24),
            $fields->choice('codec', Codec::class, Codec::H264, Codec::H264),
            $fields->number('shape', 16 / 9, 16 / 9),
        ];
        $fields->refuseTheRest();
        $clip = $fields->make(static fn (): Clip => new Clip(...$read));
        $problems->throwIfAny();
        assert($clip !== null);

        return $clip;
    }

    private static function crop(Fields $fields): ?Crop
    {
        $read = [$fields->number('x', 0.5, 0.5), $fields->number('y', 0.5, 0.5), $fields->number('width', 1.0, 1.0)];
        $fields->refuseTheRest();

        return $fields->make(static fn (): Crop => new Crop(...$read));
    }
}
