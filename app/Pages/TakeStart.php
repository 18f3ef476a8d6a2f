<?php

declare(strict_types=1);

namespace App\Pages;

use App\Models\DeviceCheck;
use App\Models\PreflightTick;
use App\Models\Take;
use Evrent\Core\Kit\KitKind;
use Evrent\Core\Kit\Picked;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Messages\Text;
use Evrent\Core\Run\Preflight;
use Evrent\Core\Sky\StartAhead;
use Evrent\Devices\Running\World;
use Evrent\Words\Words;
use Illuminate\Database\Eloquent\Collection;

/**
 * What a take is started from: the checks before it, and the devices there are.
 */
final class TakeStart
{
    private const SHOWN = 5;

    /** As the options for a rig have it: the shot moves nothing. */
    private const NONE = 'none';

    /** Whether there is anything to move. */
    public readonly bool $moves;

    /** @var list<Preflight> */
    public readonly array $items;

    /** @var array<string, string> when each was ticked, by item */
    public readonly array $ticked;

    /** What the devices were asked last; null before that. */
    public readonly ?DeviceCheck $check;

    /** Read when it is asked for: who only shows the ticks needs none of it. */
    private ?ReachedKit $kit = null;

    /** @var ?Collection<int, Take> */
    private ?Collection $last = null;

    public function __construct(public readonly ShotPage $page)
    {
        $this->check = $page->shot->checks()->latest('id')->first();
        $this->moves = $page->plan->rig->axes !== [];
        $this->items = Preflight::of($page->worked->shot);
        /** @var array<string, string> $ticked */
        $ticked = PreflightTick::query()->where('shot_id', $page->shot->id)->pluck('ticked_at', 'item')->all();
        $this->ticked = $ticked;
    }

    /** What is looked at, with what the plan says of it. */
    public function label(Preflight $item): Message
    {
        return $item->labelFor($this->page->plan);
    }

    /**
     * @return ?array{isWell: ?bool, says: Text|string} what the devices said of it; null while they have said nothing
     */
    public function told(Preflight $item): ?array
    {
        $found = $this->check->found[$item->value] ?? null;

        return $found === null ? null : ['isWell' => $found['isWell'], 'says' => Message::kept($found['says'])];
    }

    /** @return array<int|string, string> rigs by id */
    public function rigs(): array
    {
        return array_replace($this->kit()->of(KitKind::Rig), [self::NONE => Words::of('app.take_start.no_rig')]);
    }

    /** @return array<int|string, string> cameras by id */
    public function cameras(): array
    {
        return array_replace($this->kit()->of(KitKind::Body), [self::NONE => Words::of('app.take_start.cable_only')]);
    }

    /** The rig and the camera of the latest take: what was used is used again. */
    public function usedRig(): ?string
    {
        $used = $this->used(KitKind::Rig, $this->last()->first()?->rig_address);

        return $used ?? ($this->page->plan->rig->axes === [] ? self::NONE : null);
    }

    public function usedCamera(): ?string
    {
        return $this->used(KitKind::Body, $this->last()->first()?->camera_address);
    }

    /** What the last take was shot with, or else the piece that this shot takes along, where it is reached. */
    private function used(KitKind $kind, ?string $address): ?string
    {
        $names = array_column(array_filter($this->page->plan->kit, static fn (Picked $one): bool => $one->kind === $kind), 'name');

        return $this->kit()->at($kind, $address) ?? $this->kit()->named($kind, $names);
    }

    private function kit(): ReachedKit
    {
        return $this->kit ??= new ReachedKit();
    }

    /**
     * @return array<string, string> when it may begin
     */
    public function whens(): array
    {
        $planned = $this->page->plan->secondsToFirstTrigger(microtime(true));

        $whens = [
            'now' => Words::of('app.take_start.now'),
            ...($planned === null ? [] : ['planned' => Words::of('app.take_start.planned_in', planned: Quantity::duration($planned))]),
        ];
        foreach ($this->page->plan->site === null ? [] : StartAhead::EVENTS as $event) {
            $whens[$event->value] = Words::of('app.take_start.at', words: new Message("starts.event.{$event->value}"));
        }

        return $this->page->plan->site === null ? $whens : [...$whens, 'clock' => Words::of('app.take_start.time')];
    }

    /** @return array<int|string, string> speeds of the simulated devices' world, by what the form sends */
    public static function speeds(): array
    {
        $usual = (int) config()->float('evrent.world_speed');
        $speeds = array_unique([...World::SPEEDS, $usual]);
        sort($speeds);

        return array_combine(
            $speeds,
            array_map(static fn (int $speed): string => $speed === 1 ? Words::of('app.take_start.real') : "×{$speed}", $speeds),
        );
    }

    /** @return list<Message> what is still to be looked at, in short */
    public function unticked(): array
    {
        return array_map(
            static fn (Preflight $item): Message => $item->inShort(),
            array_values(array_filter($this->items, fn (Preflight $item): bool => !isset($this->ticked[$item->value]))),
        );
    }

    /** Whether any of the devices to choose from is one of the simulated ones. */
    public function hasSimulated(): bool
    {
        return config()->string('evrent.rig_address') !== '' || config()->string('evrent.camera_address') !== '';
    }

    /** The one that is under way; null while none is. */
    public function running(): ?Take
    {
        return Take::underWay()->where('shot_id', $this->page->shot->id)->first();
    }

    /**
     * @return Collection<int, Take> the newest first
     */
    public function last(): Collection
    {
        return $this->last ??= $this->page->shot->takes()->limit(self::SHOWN)->get();
    }
}
