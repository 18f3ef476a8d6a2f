<?php

declare(strict_types=1);

namespace App\Pages;

use App\Models\TestGrid;
use App\Models\TestGridCell;
use App\Models\Trial;
use Evrent\Core\Presets\CellPlan;
use Evrent\Core\Presets\Trial as Matrix;
use Evrent\Core\Words\PlainText;

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
            $grid->isSilent() => 'Nobody carries it out: is the worker running?',
            $grid->status === 'waiting' => 'Waiting until rig and camera are free',
            $grid->status === 'running' && $grid->cell !== '' => sprintf(
                '%s: %d of %d photos. Hands off the rig.',
                $this->named($grid->cell),
                $grid->taken,
                $this->matrix->photos,
            ),
            $grid->status === 'running' => 'At work: hands off the rig',
            $grid->status === 'done' => 'Shot over “' . $grid->shot->title() . '”',
            $grid->status === 'stopped' => 'Stopped',
            default => "It failed. {$grid->says}",
        };
    }

    /** A cell as people name it. */
    public function named(string $cell): string
    {
        return PlainText::seconds($this->matrix->interval($cell)) . ' and ' . PlainText::shutter($this->matrix->shutter($cell)) . ' s';
    }

    /** How its exposure differs from the shot's; empty where it does not. */
    public function brightness(string $cell): string
    {
        $stops = $this->grid === null ? 0.0 : CellPlan::stopsBrighter($this->grid->revision->toPlan(), $this->matrix, $cell);
        $text = PlainText::rounded(abs($stops), 1);

        return $text === '0' ? '' : ($stops > 0.0 ? "{$text} stops brighter than planned" : "{$text} stops darker than planned");
    }
}
