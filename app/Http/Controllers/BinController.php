<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\BringBack;
use App\Models\DayEvent;
use App\Models\KitItem;
use App\Models\Preset;
use App\Models\Shoot;
use App\Models\Shot;
use App\Models\Trial;
use Evrent\Words\Words;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Gate;

/**
 * What was deleted can be brought back.
 */
final class BinController
{
    private const KINDS = [
        'shoot' => Shoot::class, 'shot' => Shot::class, 'preset' => Preset::class, 'kit' => KitItem::class, 'trial' => Trial::class, 'event' => DayEvent::class,
    ];

    public function restore(string $kind, int $id, BringBack $bringBack): RedirectResponse
    {
        $class = self::KINDS[$kind] ?? abort(404);
        /** @var Builder<Shoot> $query */
        $query = $class::withTrashed();
        $found = $query->findOrFail($id);
        Gate::authorize('restore', $found);
        if (!$bringBack($found)) {
            return redirect()->back()->with('notice', Words::of('app.bin.name'))
                ->with('deleted', ['kind' => $kind, 'id' => $id, 'name' => self::nameOf($found)]);
        }

        return redirect()->back()->with('notice', Words::of('app.bin.restored'));
    }

    private static function nameOf(Model $found): string
    {
        $name = $found instanceof Shot ? $found->title() : $found->getAttribute(match (true) {
            $found instanceof Trial => 'subject',
            $found instanceof DayEvent => 'label',
            default => 'name',
        });

        return is_string($name) ? $name : '';
    }
}
