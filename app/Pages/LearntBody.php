<?php

declare(strict_types=1);

namespace App\Pages;

use App\Models\KitItem;
use App\Models\TakeLine;
use Evrent\Core\Kit\KitItem as Piece;
use Evrent\Core\Kit\KitKind;
use Evrent\Core\Photos\LearntOfBody;
use Evrent\Core\Run\Take\LogLine;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Messages\Quantity;
use Evrent\Words\Words;

/**
 * What the photos of a shot, and the log of their take, show of the body that took them.
 */
final readonly class LearntBody
{
    public ?KitItem $body;

    /** @var array<string, float> by the fields of its kit entry */
    public array $values;

    /** @param ?KitItem $body null for the one that the take was shot with, or the first of the kit */
    public function __construct(PhotosPage $page, ?KitItem $body = null)
    {
        $take = $page->reading?->take;
        $bodies = KitItem::query()->where('kind', KitKind::Body->value)->orderBy('name')->get();
        $this->body = $body ?? $bodies->first(static fn (KitItem $item): bool => $take !== null && $item->piece()->address === $take->camera_address)
            ?? $bodies->first();
        $lines = $take === null ? [] : array_values($take->lines()->get()->map(static fn (TakeLine $line): LogLine => $line->read())->all());
        $this->values = LearntOfBody::of(
            $page->offsetSeconds(),
            $page->driftPpm(),
            $page->sheet()->isExact ?? false,
            $this->body?->piece(),
            $take?->report(Schedule::of($take->revision->toPlan())),
            $lines,
            (float) ($take->begun_at ?? $take?->created_at)?->format('U.u'),
        )->values;
    }

    /**
     * @return array<string, array{label: string, measured: string, has: string, isAbsurd: bool}> by field
     */
    public function rows(): array
    {
        $piece = $this->body?->piece();
        $rows = [];
        foreach (array_intersect_key(KitKind::Body->fields(), $this->values) as $field => $about) {
            $told = static fn (?float $value): string => $value === null ? '' : trim(Words::say(Quantity::rounded($value, 2)) . ' ' . Words::say($about->unit));
            $label = $field === 'clock_drift_ppm' ? Words::of('app.learnt.clock') : Words::capital($about->label);
            $rows[$field] = [
                'label' => $label, 'measured' => $told($this->values[$field]), 'has' => $told($piece?->value($field)),
                'isAbsurd' => LearntOfBody::isAbsurd($field, $this->values[$field]),
            ];
        }

        return $rows;
    }
}
