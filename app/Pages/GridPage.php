<?php

declare(strict_types=1);

namespace App\Pages;

use App\Models\TestGrid;
use App\Models\TestGridCell;
use App\Models\Trial;
use App\Status\CheckStatus;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Presets\CellPlan;
use Evrent\Core\Presets\Trial as Matrix;
use Evrent\Words\Words;

/**
 * A test shoot with what was shot of it last.
 */
final readonly class GridPage
{
    public Matrix $matrix;

    /** @var array<string, TestGridCell> what was shot of it, by cell */
    public array $cells;

    public function __construct(public Trial $trial, public ?TestGrid $grid)
    {
        $this->matrix = $trial->matrix();
        /** @var array<string, TestGridCell> $cells */
        $cells = $grid === null ? [] : $grid->cells->keyBy('cell')->all();
        $this->cells = $cells;
    }

    public static function of(Trial $trial): self
    {
        return new self($trial, $trial->grids()->latest('id')->first());
    }

    /** @return string what is under way, or how it ended */
    public function says(): string
    {
        $grid = $this->grid;

        return match (true) {
            $grid === null => '',
            $grid->isSilent() => Words::of('app.grid_page.nobody'),
            $grid->status === CheckStatus::Waiting => Words::of('app.grid_page.waiting'),
            $grid->status === CheckStatus::Running && $grid->cell !== '' => Words::of(
                'app.grid_page.at_work',
                named: $this->named($grid->cell),
                taken: $grid->taken,
                photos: $this->matrix->photos,
            ),
            $grid->status === CheckStatus::Running => Words::of('app.grid_page.working'),
            $grid->status === CheckStatus::Done => Words::of('app.grid_page.done', title: $grid->shot->title()),
            $grid->status === CheckStatus::Stopped => Words::of('app.grid_page.stopped'),
            default => Words::of('app.grid_page.failed', says: $grid->says),
        };
    }

    /** A cell as people name it. */
    public function named(string $cell): string
    {
        return Words::of(
            'app.grid_page.named',
            interval: Quantity::seconds($this->matrix->interval($cell)),
            shutter: Quantity::shutter($this->matrix->shutter($cell)),
        );
    }

    /** How its exposure differs from the shot's; empty where it does not. */
    public function brightness(string $cell): string
    {
        $stops = $this->grid === null ? 0.0 : CellPlan::stopsBrighter($this->grid->revision->toPlan(), $this->matrix, $cell);
        $text = Quantity::rounded(abs($stops), 1);

        return $text->isZero()
            ? ''
            : ($stops > 0.0 ? Words::of('app.grid_page.brighter', text: $text) : Words::of('app.grid_page.darker', text: $text));
    }
}
