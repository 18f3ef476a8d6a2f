<?php

declare(strict_types=1);

namespace Evrent\Core\Export;

use Evrent\Core\Clip\Frames;
use Evrent\Core\Messages\Message;
use Evrent\Core\Motion\Move;
use Evrent\Core\Run\Take\PhotoSpans;

/**
 * A timeline for editing programs, as OpenTimelineIO JSON (Timeline.1): the numbered photos as an image sequence, cut where something is held or
 * goes at another speed, with markers for keyframes and for what is missing or bad.
 */
final class Otio
{
    private const DIGITS = 6;

    /** @param callable(Message): string $say puts the markers' names into the reader's language */
    public static function of(Material $material, Frames $frames, callable $say): string
    {
        $rate = $frames->clip->rate->framesPerSecond();
        $clips = array_map(static fn (Shots $shot): array => self::clip($material, $shot, $rate), Shots::of($frames));
        $track = self::item('Track.1', 'Photos', ['kind' => 'Video', 'children' => $clips, 'markers' => self::markers($material, $frames, $rate, $say)]);

        return json_encode(self::item('Timeline.1', $material->schedule->plan->title, [
            'global_start_time' => null,
            'tracks' => self::item('Stack.1', 'tracks', ['children' => [$track]]),
        ]), JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_PRESERVE_ZERO_FRACTION) . "\n";
    }

    /**
     * @return array<string, mixed>
     */
    private static function clip(Material $material, Shots $shot, float $rate): array
    {
        $name = $material->linkName($shot->photo);
        $after = '.' . pathinfo($name, PATHINFO_EXTENSION);
        $before = substr($name, 0, -self::DIGITS - strlen($after));
        // Of what goes faster so many photos are taken as it passes; a program plays them in fewer frames.
        $taken = max(1, (int) ceil($shot->frames * abs($shot->speed)));
        $first = $shot->speed < 0.0 ? max(1, $shot->photo - $taken + 1) : $shot->photo;
        $effects = match (true) {
            $shot->speed === 0.0 => [self::effect('FreezeFrame.1', 'held', 0.0)],
            $shot->speed !== 1.0 => [self::effect('LinearTimeWarp.1', 'speed', $shot->speed)],
            default => [],
        };

        return self::item('Clip.2', sprintf('%s %d', $material->schedule->plan->title, $shot->photo), [
            'source_range' => self::range($first - 1, $shot->frames, $rate),
            'effects' => $effects,
            'active_media_reference_key' => 'DEFAULT_MEDIA',
            'media_references' => ['DEFAULT_MEDIA' => [
                'OTIO_SCHEMA' => 'ImageSequenceReference.1', 'name' => '', 'metadata' => (object) [], 'available_image_bounds' => null,
                'available_range' => self::range(0, $material->photos(), $rate), 'target_url_base' => '', 'name_prefix' => $before, 'name_suffix' => $after,
                'start_frame' => 1, 'frame_step' => 1, 'rate' => $rate, 'frame_zero_padding' => self::DIGITS, 'missing_frame_policy' => 'hold',
            ]],
        ]);
    }

    /**
     * @param callable(Message): string $say
     *
     * @return list<array<string, mixed>> in the time of the clip
     */
    private static function markers(Material $material, Frames $frames, float $rate, callable $say): array
    {
        $at = [];
        foreach ($frames->frames as $n => $frame) {
            $at[$frame->number] ??= $n;
        }
        $markers = [];
        foreach ($material->schedule->pegPhotos() as $n => $number) {
            if (isset($at[$number])) {
                $markers[] = self::marker($say(new Message('export.otio.keyframe', ['peg' => Move::peg($n)])), 'GREEN', $at[$number], 1, $rate);
            }
        }
        foreach (PhotoSpans::of($material->unfit()) as [$first, $last]) {
            if (isset($at[$first], $at[$last])) {
                $unusable = new Message('export.otio.unusable', ['count' => $last - $first + 1, 'first' => (string) $first, 'last' => (string) $last]);
                $markers[] = self::marker($say($unusable), 'RED', min($at[$first], $at[$last]), abs($at[$last] - $at[$first]) + 1, $rate);
            }
        }

        return $markers;
    }

    /**
     * @return array<string, mixed>
     */
    private static function marker(string $name, string $colour, int $at, int $frames, float $rate): array
    {
        return [
            'OTIO_SCHEMA' => 'Marker.2', 'name' => $name, 'metadata' => (object) [], 'color' => $colour, 'comment' => '',
            'marked_range' => self::range($at, $frames, $rate),
        ];
    }

    /**
     * @return array<string, mixed>
     */
    private static function effect(string $schema, string $name, float $speed): array
    {
        return ['OTIO_SCHEMA' => $schema, 'name' => $name, 'metadata' => (object) [], 'effect_name' => '', 'time_scalar' => $speed];
    }

    /**
     * @return array<string, mixed>
     */
    private static function range(int $from, int $frames, float $rate): array
    {
        $time = static fn (int $value): array => ['OTIO_SCHEMA' => 'RationalTime.1', 'rate' => $rate, 'value' => (float) $value];

        return ['OTIO_SCHEMA' => 'TimeRange.1', 'start_time' => $time($from), 'duration' => $time($frames)];
    }

    /**
     * @param array<string, mixed> $more
     *
     * @return array<string, mixed>
     */
    private static function item(string $schema, string $name, array $more): array
    {
        return array_replace(['OTIO_SCHEMA' => $schema, 'name' => $name, 'metadata' => (object) []], $schema === 'Timeline.1' ? [] : [
            'source_range' => null, 'effects' => [], 'markers' => [], 'enabled' => true,
        ], $more);
    }
}
