<?php

declare(strict_types=1);

namespace App\Actions;

use App\Exceptions\TakeUnderWay;
use App\Models\Shoot;
use App\Models\Shot;
use App\Models\Take;
use App\Models\TestGrid;
use Evrent\Words\Words;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\DB;

/**
 * Takes something out of sight, until it is brought back.
 */
final class ThrowAway
{
    /**
     * @param string $kind as the address that brings it back calls it
     *
     * @return array{deleted: array{kind: string, id: mixed, name: string}} said on the next page, with the way back
     *
     * @throws TakeUnderWay when a take or a test shoots it
     */
    public function __invoke(Model $what, string $kind, string $name): array
    {
        DB::connection()->transaction(static function () use ($what, $name): void {
            if ($what instanceof Shot || $what instanceof Shoot) {
                self::unlessShooting($what, $name);
            }
            $what->delete();
        });

        return ['deleted' => ['kind' => $kind, 'id' => $what->getKey(), 'name' => $name]];
    }

    /** A take that is started in this moment waits for the shot's row, and then finds no shot. */
    public static function unlessShooting(Shot|Shoot $what, string $name): void
    {
        $shots = Shot::withTrashed()->where($what instanceof Shot ? 'id' : 'shoot_id', $what->getKey());
        $shots->clone()->lockForUpdate()->get(['id']);
        $take = Take::underWayOf($shots)->first();
        if ($take !== null) {
            throw new TakeUnderWay(
                ['href' => $take->at('takes.show'), 'name' => Words::of('app.throw_away.to_take')],
                Words::of('app.throw_away.take', name: $name),
            );
        }
        $grid = TestGrid::underWay()->whereIn('shot_id', $shots->pluck('id')->all())->first();
        if ($grid !== null) {
            $way = ['href' => route('trials.index', $grid->trial->shoot_id), 'name' => Words::of('app.throw_away.to_test')];
            throw new TakeUnderWay($way, Words::of('app.throw_away.test', name: $name));
        }
    }
}
