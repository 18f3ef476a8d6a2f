<?php

declare(strict_types=1);

namespace App\Pages;

use App\Models\KitItem;
use Evrent\Core\Kit\KitKind;
use Evrent\Core\Shot\LensesCompared;
use Evrent\Core\Shot\LensShown;

/**
 * The lenses of the kit, with what a shot's move shows through each.
 */
final readonly class LensesOfKit
{
    /**
     * @param list<LensShown>                        $shown by focal length
     * @param array<array-key, list<array{int, string}>> $pieces id and name of those with a focal length, by that in mm
     */
    private function __construct(public array $shown, public array $pieces)
    {
    }

    public static function of(ShotPage $page): self
    {
        $focals = $pieces = [];
        foreach (KitItem::query()->where('kind', KitKind::Lens->value)->orderBy('name')->get() as $item) {
            $focal = $item->piece()->values['focal_mm'] ?? null;
            if ($focal !== null) {
                $focals[] = $focal;
                $pieces[(string) $focal][] = [$item->id, $item->name];
            }
        }

        return new self(LensesCompared::of($page->schedule, $focals), $pieces);
    }

    /** @return list<array{int, string}> id and name of the pieces with its focal length */
    public function with(LensShown $lens): array
    {
        return $this->pieces[(string) $lens->focalMillimetres] ?? [];
    }
}
