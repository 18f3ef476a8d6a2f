<?php

declare(strict_types=1);

namespace App\Actions;

use App\Http\AskedEdit;
use App\Models\Shot;
use Evrent\Core\Day\OnSite;
use Evrent\Core\Day\TypedStay;
use Evrent\Core\Editing\Edited;
use Evrent\Core\Editing\PinnedPlan;
use Illuminate\Support\Facades\DB;
use LogicException;

/**
 * Moves a shot in its day: its start, which is an edit of its plan, and the minutes around it, together or not at all.
 */
final class MoveInDay
{
    public function __construct(private readonly EditShot $editShot)
    {
    }

    /**
     * @param callable(Shot): array{
     *     typed: array{start: ?string, to_s: ?string, setup_minutes: string, teardown_minutes: string}, on_site: ?string, asked: AskedEdit,
     * } $read what is typed, and the edit that it asks for, from the locked shot
     *
     * @throws \Evrent\Core\Values\InvalidInput
     * @throws \App\Exceptions\ShotChangedElsewhere
     */
    public function __invoke(Shot $shot, callable $read): void
    {
        DB::connection()->transaction(function () use ($shot, $read): void {
            $locked = Shot::query()->lockForUpdate()->findOrFail($shot->id);
            ['typed' => $typed, 'on_site' => $onSite, 'asked' => $asked] = $read($locked);
            $stay = TypedStay::read($shot->currentRevision()->toPlan(), $typed, $locked->setup_minutes, $locked->teardown_minutes);
            $moves = $typed['start'] !== null || $typed['to_s'] !== null;
            if ($moves || $onSite !== null) {
                ($this->editShot)($shot, $asked, static function (PinnedPlan $plan) use ($typed, $locked, $stay, $moves, $onSite): Edited {
                    $moved = TypedStay::read($plan->plan, $typed, $locked->setup_minutes, $locked->teardown_minutes);
                    $edited = $moves ? $plan->became($moved->plan, $moved->told) : null;
                    if ($onSite === null) {
                        return $edited ?? throw new LogicException('Nothing was asked for.');
                    }
                    $shooting = OnSite::shooting($plan->plan, $onSite, $stay->setupMinutes, $stay->teardownMinutes);

                    return ($edited === null ? $plan : new PinnedPlan($edited->plan, $edited->pins))->typed([], ['shooting' => $shooting]);
                });
            }
            $shot->update(['setup_minutes' => $stay->setupMinutes, 'teardown_minutes' => $stay->teardownMinutes]);
        });
    }
}
