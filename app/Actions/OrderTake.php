<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Take;
use App\Models\TakeOrder;
use Evrent\Core\Run\Take\LogKind;
use Evrent\Core\Run\Take\LogLine;
use Evrent\Core\Run\Take\Order;
use Illuminate\Support\Str;

/**
 * Says something to a take: its worker hears it within a quarter of a second. Of one that is over, marks go into its log at once.
 */
final class OrderTake
{
    /**
     * @param array<string, mixed> $more what else is said with it
     * @param ?string              $key  the same request twice is one order
     */
    public function __invoke(Take $take, Order $order, array $more, ?string $key): void
    {
        if ($order === Order::Mark) {
            $more['by'] = 'shooter';
        }
        // Whatever it is said to, it is said once: a page that lost its server says it again under the same key, perhaps after the end.
        $key ??= (string) Str::uuid();
        TakeOrder::query()->insertOrIgnore([
            'take_id' => $take->id, 'said' => $order->value, 'key' => $key, 'created_at' => now(),
            'more' => json_encode((object) $more, JSON_THROW_ON_ERROR),
        ]);
        if ($order !== Order::Mark || !$take->isOver()) {
            return;
        }
        $number = TakeOrder::query()->where('key', $key)->value('id');
        if ($take->lines()->where('kind', LogKind::Mark->value)->where('more->number', $number)->doesntExist()) {
            $photo = is_int($more['photo'] ?? null) ? $more['photo'] : null;
            $told = array_diff_key([...$more, 'number' => $number], ['photo' => 0]);
            RecordTake::add($take, new LogLine(LogKind::Mark, $take->lastSeconds(), $photo, $told));
        }
    }
}
