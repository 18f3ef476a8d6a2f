<?php

declare(strict_types=1);

namespace Evrent\Core\Day;

use Evrent\Core\Kit\KitItem;
use Evrent\Core\Kit\KitKind;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Text;
use Evrent\Core\Sky\Instant;

/**
 * What ends a clash of two shots: one moved before or after the other, or given another rig or body.
 */
final readonly class ClashMending
{
    /**
     * @param string   $label what it does
     * @param int      $shot  id of the shot that changes
     * @param ?Instant $to    where its first photo goes; null where it is given a piece of kit
     * @param ?string  $piece name of the piece that it is given
     */
    private function __construct(public Text|string $label, public int $shot, public ?Instant $to, public ?string $piece = null)
    {
    }

    /**
     * @param list<KitItem> $kit what there is to give
     *
     * @return list<self> the least move first
     */
    public static function of(Clash $clash, array $kit = []): array
    {
        $moves = [];
        foreach ([[$clash->first, $clash->second], [$clash->second, $clash->first]] as [$moved, $stays]) {
            if ($moved->begins === null || $moved->arrives === null || $moved->leaves === null || $stays->arrives === null || $stays->leaves === null) {
                continue;
            }
            $later = $stays->leaves->unixSeconds - $moved->arrives->unixSeconds;
            $sooner = $moved->leaves->unixSeconds - $stays->arrives->unixSeconds;
            $after = new Message('day.clash_mending.after', ['title' => $moved->title, 'title2' => $stays->title]);
            $moves[] = [$later, new self($after, $moved->id, $moved->begins->plusSeconds($later))];
            $before = new Message('day.clash_mending.before', ['title' => $moved->title, 'title2' => $stays->title]);
            $moves[] = [$sooner, new self($before, $moved->id, $moved->begins->plusSeconds(-$sooner))];
        }
        usort($moves, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
        $given = [];
        foreach ($kit as $item) {
            if ($clash->over === 'time' || $item->kind !== ($clash->over === 'rig' ? KitKind::Rig : KitKind::Body)) {
                continue;
            }
            if (in_array($item->name, [$clash->first->rig, $clash->second->rig, $clash->first->body, $clash->second->body], true)) {
                continue;
            }
            $says = new Message('day.clash_mending.give', ['title' => $clash->second->title, 'item' => $item->name]);
            $given[] = new self($says, $clash->second->id, null, $item->name);
        }

        return [...array_slice(array_column($moves, 1), 0, 2), ...array_slice($given, 0, 2)];
    }
}
