<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\KitItem;
use App\Models\Shot;
use Evrent\Core\Kit\KitKind;
use Evrent\Core\Kit\Picked;
use Evrent\Core\Plan\Plan;
use Illuminate\Database\Eloquent\Builder;

/**
 * What a body was last shot with, and is in the kit still: lens, card, battery.
 */
final class UsualSet
{
    private const KINDS = [KitKind::Lens, KitKind::Card, KitKind::CameraBattery];

    /**
     * Pieces that come along with a body: of kinds of which the shot has none yet.
     *
     * @return list<array{KitItem, int}> pieces, and how many of each
     */
    public function __invoke(KitItem $body, Plan $plan, int $shotId): array
    {
        if ($body->kind !== KitKind::Body->value) {
            return [];
        }
        $has = array_column($plan->kit, 'kind');
        $missing = array_filter(self::KINDS, static fn (KitKind $kind): bool => !in_array($kind, $has, true));
        $set = [];
        foreach ($this->lastKit($body->name, $shotId) as $picked) {
            $item = in_array($picked->kind, $missing, true)
                ? KitItem::query()->where('kind', $picked->kind->value)->where('name', $picked->name)->first()
                : null;
            if ($item !== null) {
                $set[] = [$item, $picked->count];
            }
        }

        return $set;
    }

    /**
     * @return list<Picked>
     */
    private function lastKit(string $body, int $shotId): array
    {
        $with = json_encode(['kit' => [['kind' => KitKind::Body->value, 'name' => $body]]], JSON_THROW_ON_ERROR);
        $shot = Shot::query()->whereKeyNot($shotId)->whereHas(
            'revision',
            static function (Builder $revision) use ($with): void {
                $revision->whereRaw('plan::jsonb @> ?::jsonb', [$with]);
            },
        )->latest('current_revision_id')->first();

        return $shot?->pinned()->plan->kit ?? [];
    }
}
