<?php

declare(strict_types=1);

namespace Evrent\Core\Format;

use Evrent\Core\Checks\Finding;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Text;
use Evrent\Core\Photos\CardPhoto;
use Evrent\Core\Photos\CardSeries;
use Evrent\Core\Photos\Differences;
use Evrent\Core\Photos\Judged;
use Evrent\Core\Photos\Matching;
use Evrent\Core\Photos\Measured;
use Evrent\Core\Photos\SeriesOfTakes;
use Evrent\Core\Photos\Stretch;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;
use Evrent\Core\Words\FileName;
use JsonException;

/**
 * Which photo on the card is which, in the open format evrent.match/1.
 */
final class MatchJson
{
    public const FORMAT = 'evrent.match/1';

    /**
     * @param list<array{file: string, why: Text|string}> $skipped files that are no photo
     * @param ?Measured $measured how bright the photos are; null where nobody looked at them
     * @param array<string, Finding> $more findings beside those of the matching, by their names
     * @param list<int> $spoilt numbers of photos that spoil the clip
     * @param array<string, array<int, ?float>> $takes files that logs of takes name, as SeriesOfTakes has them
     *
     * @return array<string, mixed> with messages where a reader finds words
     */
    public static function of(
        Matching $matching,
        array $skipped = [],
        ?Measured $measured = null,
        array $more = [],
        array $spoilt = [],
        array $takes = [],
    ): array {
        $offset = $matching->clockOffsetSeconds();

        return [
            'format' => self::FORMAT,
            'clock_offset_s' => $offset === null ? null : round($offset, 3),
            'drift_ppm' => $matching->clock === null ? null : round($matching->clock->drift * 1e6, 1),
            'photos' => (object) $matching->files(),
            'extras' => array_map(
                static fn (array $extra): array => ['file' => $extra['photo']->file, 'why' => $extra['why']->value, 'says' => $extra['why']->told()],
                array_values(iterator_to_array($matching->extras())),
            ),
            'order' => array_map(static fn (CardPhoto $photo): string => $photo->file, iterator_to_array($matching->order)),
            ...($matching->otherFirst === null ? [] : ['answers' => self::answers($matching)]),
            'series' => array_map(static fn (CardSeries $series): array => [
                ...$series->toArray(), 'take' => SeriesOfTakes::takeOf($series, $matching->order, $takes),
            ], CardSeries::of($matching->order)),
            'findings' => [
                ...array_map(static fn (Message $says): array => ['what' => 'not_told', 'says' => $says], $matching->said),
                ...self::findings([...Differences::of($matching), ...Judged::of($matching), ...$measured?->findings() ?? [], ...$more]),
            ],
            ...($measured === null || $measured->stops === [] ? [] : [
                'brightness_stops' => (object) array_map(static fn (float $stops): float => round($stops, 3), $measured->stops),
                'flicker_stops' => $measured->flicker === null ? null : round($measured->flicker->stops, 4),
                'clean_stretch' => Stretch::longest($matching->planned->count(), $spoilt),
            ]),
            'exposure_off_stops' => (object) self::offStops($matching),
            'skipped' => $skipped,
        ];
    }

    /**
     * As it is written; messages that are not in words yet are kept as keys with their arguments.
     *
     * @param array<string, mixed> $match
     */
    public static function encode(array $match): string
    {
        return json_encode($match, JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE) . "\n";
    }

    /**
     * Which file each photo of a plan is, from such a file.
     *
     * @param int $photos of the plan
     *
     * @return array<int, string> by number, those that are there
     *
     * @throws InvalidInput by the field
     */
    public static function files(string $json, int $photos): array
    {
        $is = self::read($json);
        if (!is_array($is['photos'] ?? null)) {
            throw self::none();
        }
        $files = [];
        foreach ($is['photos'] as $number => $file) {
            if (!is_int($number) || $number < 1 || $number > $photos || $file !== null && !is_string($file)) {
                throw new InvalidInput([new Problem("/photos/{$number}", new Message('format.match_json.other_plan'))]);
            }
            if ($file !== null && !FileName::isPlain($file)) {
                $says = new Message('format.match_json.name', ['shown' => FileName::shown($file)]);
                throw new InvalidInput([new Problem("/photos/{$number}", $says)]);
            }
            if ($file !== null) {
                $files[$number] = $file;
            }
        }

        return $files;
    }

    /**
     * How bright each photo is, from such a file.
     *
     * @return array<int, float> stops over the middle one, by number; empty where nobody measured them
     *
     * @throws InvalidInput by the field
     */
    public static function brightness(string $json): array
    {
        $stops = self::read($json)['brightness_stops'] ?? [];
        $brightness = [];
        foreach (is_array($stops) ? $stops : [] as $number => $one) {
            if (!is_int($number) || !is_int($one) && !is_float($one)) {
                $says = new Message('format.match_json.stops');
                throw new InvalidInput([new Problem("/brightness_stops/{$number}", $says)]);
            }
            $brightness[$number] = (float) $one;
        }
        ksort($brightness);

        return $brightness;
    }

    /**
     * @return array<array-key, mixed>
     */
    private static function read(string $json): array
    {
        try {
            $is = json_decode($json, true, Message::DEPTH, JSON_THROW_ON_ERROR);
        } catch (JsonException $broken) {
            throw new InvalidInput([new Problem('', new Message('format.match_json.not_json', ['why' => $broken->getMessage()]))]);
        }

        return is_array($is) && ($is['format'] ?? null) === self::FORMAT ? $is : throw self::none();
    }

    private static function none(): InvalidInput
    {
        return new InvalidInput([new Problem('/format', new Message('format.match_json.none', ['format' => self::FORMAT]))]);
    }

    /**
     * @param array<string, Finding> $findings by their names
     *
     * @return list<array<string, mixed>>
     */
    private static function findings(array $findings): array
    {
        $told = [];
        foreach ($findings as $name => $finding) {
            $told[] = [
                'what' => $name,
                ...($finding->spans === [] ? [] : [
                    'first' => $finding->firstPhoto, 'last' => $finding->spans[count($finding->spans) - 1][1], 'count' => $finding->photoCount,
                ]),
                'title' => $finding->title, 'says' => $finding->sentence, 'failure' => $finding->id->value, 'mend' => $finding->advice,
            ];
        }

        return $told;
    }

    /**
     * By how much each photo is exposed otherwise than planned, as its file says, by number: for those that are wrongly exposed more than their dial's
     * marks explain.
     *
     * @return array<int, array{stops: float, wrong: bool}>
     */
    private static function offStops(Matching $matching): array
    {
        $stops = [];
        foreach ($matching->photos() as $number => $photo) {
            $off = $photo === null ? null : $matching->planned->offStops($number - 1, $photo);
            if ($off !== null) {
                $stops[$number] = ['stops' => round($off, 2), 'wrong' => abs($off) > $matching->planned->mostOffStops($number - 1)];
            }
        }

        return $stops;
    }

    /**
     * Two stretches of the card that fit about as well: the one that is taken first.
     *
     * @return list<array{file: string, place: int, from: float, share: float}> the first photo of each, its place in the order, and where it lies along the
     *                                                                          card, and how much of it it is, as shares
     */
    private static function answers(Matching $matching): array
    {
        $taken = array_keys($matching->numbers());
        $answers = [];
        foreach ([$taken === [] ? 0 : min($taken), (int) $matching->otherFirst] as $place) {
            $all = count($matching->order);
            $answers[] = [
                'file' => $matching->order->at($place)->file, 'place' => $place,
                'from' => round($place / $all, 5), 'share' => round(min($matching->count(), $all - $place) / $all, 5),
            ];
        }

        return $answers;
    }
}
