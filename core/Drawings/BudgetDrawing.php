<?php

declare(strict_types=1);

namespace Evrent\Core\Drawings;

use Evrent\Core\Budget\Load;
use Evrent\Core\Budget\SlotUse;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Messages\Text;
use Evrent\Core\Motion\AxisKind;
use Evrent\Core\Motion\AxisRole;
use Evrent\Core\Shot\Shot;

/**
 * Budgets as pictures: charge as a curve over the photos; cards, loads and thrust as bars against what there is.
 */
final readonly class BudgetDrawing
{
    public const WIDTH = 300;
    public const HEIGHT = 40;

    private const MOST_POINTS = 120;

    /**
     * @param list<array{name: Text|string, says: Text|string, fits: bool, path: string, area: string}>         $curves
     * @param list<array{name: Text|string, says: Text|string, fits: bool, percent: float, marks: list<float>}> $bars   filled to a
     *        share of 100 %, with marks where something changes
     */
    private function __construct(public array $curves, public array $bars)
    {
    }

    public static function of(Shot $shot): self
    {
        $drain = $shot->drain();
        $curves = [];
        foreach (array_filter(['camera_battery' => $drain?->camera, 'rig_battery' => $drain?->rig]) as $name => $device) {
            $path = self::path($device->charges);
            $curves[] = [
                'name' => new Message("drawings.budget.{$name}"),
                'says' => $device->diesAtPhoto === null
                    ? self::left($device->left())
                    : new Message('drawings.budget.dies', ['photo' => $device->diesAtPhoto]),
                'fits' => $device->diesAtPhoto === null,
                'path' => $path,
                'area' => sprintf('%sL%d %dL0 %dZ', $path, self::WIDTH, self::HEIGHT, self::HEIGHT),
            ];
        }

        return new self($curves, array_values(array_filter([
            $drain?->bankLeft === null ? null : self::bar(
                new Message('drawings.budget.power_bank'),
                self::left($drain->bankLeft),
                1.0 - $drain->bankLeft,
                true,
            ),
            self::cards($shot),
            ...self::loads($shot),
            self::horizon($shot),
        ])));
    }

    /**
     * @return ?array{name: Text|string, says: Text|string, fits: bool, percent: float, marks: list<float>}
     */
    private static function cards(Shot $shot): ?array
    {
        $storage = $shot->plan->storage;
        if ($storage === null) {
            return null;
        }
        $photos = $shot->plan->photosProgrammed();
        $room = $storage->photos();
        $each = $storage->photosByCard();
        $takesOver = $storage->slots === SlotUse::Overflow && count($each) > 1;

        return self::bar(
            new Message('drawings.budget.cards'),
            new Message($takesOver && $photos > $each[0] ? 'drawings.budget.second_card' : 'drawings.budget.photos', [
                'photos' => $photos, 'capacity' => Quantity::photos($room), 'from' => $each[0] + 1,
            ]),
            $room > 0 ? $photos / $room : 2.0,
            $photos <= $room,
            $takesOver && $room > 0 ? [100.0 * $each[0] / $room] : [],
        );
    }

    /**
     * @return list<array{name: Text|string, says: Text|string, fits: bool, percent: float, marks: list<float>}>
     */
    private static function loads(Shot $shot): array
    {
        $load = $shot->plan->load;
        if ($load === null) {
            return [];
        }
        $bars = [];
        $stands = [
            'tripod' => [$load->onLegsKilograms(), $load->legsRatingKilograms],
            'carriage' => [$load->carriedKilograms(), $load->carriageRatingKilograms],
        ];
        foreach ($stands as $name => [$carried, $rating]) {
            if ($rating !== null) {
                $needed = Load::SAFETY * $carried;
                $bars[] = self::bar(
                    new Message("drawings.budget.{$name}"),
                    self::ofMost($needed, $rating, 'kg'),
                    $needed / $rating,
                    $needed <= $rating + 1e-9,
                );
            }
        }
        $slide = $shot->plan->rig->axisFor(AxisRole::Slide);
        if ($load->thrustNewtons !== null && $slide?->kind === AxisKind::Linear) {
            $needed = $load->thrustNeededNewtons($slide->maxAcceleration);
            $usable = Load::THRUST_SHARE * $load->thrustNewtons;
            $bars[] = self::bar(
                new Message('drawings.budget.thrust'),
                self::ofMost($needed, $usable, 'N'),
                $needed / $usable,
                $needed <= $usable + 1e-9,
            );
        }

        return $bars;
    }

    /**
     * @return ?array{name: Text|string, says: Text|string, fits: bool, percent: float, marks: list<float>}
     */
    private static function horizon(Shot $shot): ?array
    {
        $optics = $shot->plan->optics;
        $base = $shot->plan->rig->base;
        if ($optics === null || $base->offLevelDegrees === 0.0) {
            return null;
        }
        $pans = $shot->schedule->positionsFor(AxisRole::Pan) ?? [0.0];
        $worst = max([0.0, ...array_map(static fn (float $pan): float => abs($optics->edgePixels($base->leanDegrees($pan))), $pans)]);
        $most = $shot->plan->thresholds->horizonPixels;

        return self::bar(new Message('drawings.budget.horizon'), self::ofMost($worst, $most, 'px'), $worst / $most, $worst <= $most);
    }

    /**
     * @param list<float> $marks per cent
     *
     * @return array{name: Text|string, says: Text|string, fits: bool, percent: float, marks: list<float>}
     */
    private static function bar(Message $name, Message $says, float $share, bool $fits, array $marks = []): array
    {
        return [
            'name' => $name,
            'says' => $says,
            'fits' => $fits,
            'percent' => round(min(1.0, max(0.0, $share)) * 100.0, 2),
            'marks' => array_map(static fn (float $mark): float => round($mark, 2), $marks),
        ];
    }

    private static function left(float $share): Message
    {
        return new Message('drawings.budget.left', ['percent' => Quantity::rounded($share * 100.0, 0)]);
    }

    private static function ofMost(float $is, float $most, string $unit): Message
    {
        return new Message('drawings.budget.of', ['is' => Quantity::rounded($is, 1), 'most' => Quantity::withUnit($most, $unit, 1)]);
    }

    /**
     * @param list<float> $charges
     */
    private static function path(array $charges): string
    {
        $last = count($charges) - 1;
        $every = (int) max(1, ceil(($last + 1) / self::MOST_POINTS));
        $path = '';
        for ($n = 0; $n <= $last; $n = $n === $last ? $last + 1 : min($last, $n + $every)) {
            $path .= sprintf('%s%.1f %.1f', $n === 0 ? 'M' : 'L', self::WIDTH * $n / max(1, $last), self::HEIGHT * (1.0 - $charges[$n]));
        }

        return $path;
    }
}
