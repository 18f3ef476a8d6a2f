<?php

declare(strict_types=1);

namespace App\Pages;

use App\Models\Backdrop;
use App\Models\DeviceCheck;
use App\Models\Shot;
use Evrent\Core\Motion\Axis;
use Evrent\Core\Motion\Move;
use Evrent\Core\Plan\Plan;
use Evrent\Words\Words;

/**
 * The photos that the finder of a shot can show in place of its drawing.
 */
final readonly class BackdropPage
{
    private const WHENCE = ['camera' => 'app.backdrop.camera', 'check' => 'app.backdrop.check', 'file' => 'app.backdrop.file'];

    public Plan $plan;

    /** @var array<string, Backdrop> by end */
    public array $kept;

    /** Whether there are test photos of a check to be used. */
    public bool $hasTested;

    /**
     * @param array<string, string> $problems by end
     */
    public function __construct(public Shot $shot, public array $problems = [])
    {
        $this->plan = $shot->currentRevision()->toPlan();
        /** @var array<string, Backdrop> $kept */
        $kept = Backdrop::withoutPictures()->where('shot_id', $shot->id)->get()->keyBy('end')->all();
        $this->kept = $kept;
        $this->hasTested = DeviceCheck::withPictures()->where('shot_id', $shot->id)->exists();
    }

    public function letter(string $end): string
    {
        return $end === 'first' ? Move::peg(0) : Move::peg((int) array_key_last($this->plan->move->keyframes));
    }

    /** Whence it is and where the camera stood. */
    public function says(Backdrop $one): string
    {
        $units = app(Settings::class)->units;
        $stood = implode(', ', array_map(
            static fn (Axis $axis): string => Words::say($axis->label()) . ' '
                . Words::say($units->axisText($axis->kind, (float) ($one->positions[$axis->id] ?? 0.0))),
            $this->plan->rig->axes,
        ));

        return Words::of(self::WHENCE[$one->whence])
            . ($stood === '' ? '' : Words::of($one->is_stood ? 'app.backdrop.at' : 'app.backdrop.taken', stood: $stood));
    }

    public function at(string $what, string $end): string
    {
        return route("backdrops.{$what}", [...$this->shot->address(), 'end' => $end, 'of' => $this->kept[$end]->created_at->getTimestamp()]);
    }
}
