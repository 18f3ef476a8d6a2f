@php
    use Evrent\Core\Motion\Move;
    use Evrent\Core\Motion\AxisRole;
    use Evrent\Core\Messages\Quantity;
        use Evrent\Core\Sky\Target;
    $plan = $page->plan;
    $choices = collect(Target::cases())->mapWithKeys(fn ($target) => [$target->value => Words::say($target->name())]);
@endphp
@if ($plan->rig->axisFor(AxisRole::Pan) !== null)
<section class="panel sky-aim" aria-labelledby="sky-title">
    <h2 id="sky-title" class="sr-only">{{ __('shots.sky.title') }}</h2>
    <x-fold id="sky-fields" :title="__('shots.sky.aim_title')" :says="$plan->facing() === null
        ? __('shots.sky.no_zero') : __('shots.sky.zero', ['facing' => Quantity::number($plan->facing())])">
    <div class="whole-move">
        <x-given-edit :page="$page" edit="compass">
            <x-given name="compass" :label="__('shots.sky.compass')" unit="°" :width="5" /><x-given name="variation" :label="__('shots.sky.variation')"
                unit="°" :width="4" />
            <button class="button">{{ __('shots.sky.set_compass') }}</button>@if ($plan->facing() !== null)<small
                class="quiet">{{ __('shots.sky.now', ['facing' => Quantity::number($plan->facing())]) }}</small>@endif
        </x-given-edit>
    </div>
    @if ($page->times->begins === null)
        <p class="nothing">{{ __('shots.sky.shows', ['names' => Words::capital(Target::names()), 'part' => $plan->site === null ? __('shots.sky.needs_place')
            : __('shots.sky.needs_start')]) }}</p>
    @else
    <div class="whole-move">
        <x-given-edit :page="$page" edit="aim-body">
            <x-given id="aim-place" name="place" :label="__('shots.sky.aim')"
                :options="array_map(Move::peg(...), array_keys($plan->move->keyframes))" />
            <x-given id="aim-target" name="target" :label="__('shots.sky.at')" :options="$choices" problem-id="p-edit-aim-target" />
            <x-given name="at" :label="__('shots.sky.as_at')" :width="9" mode="text" /><button class="button"><x-icon name="crosshair" /><span
                class="text">{{ __('shots.sky.aim') }}</span></button>
        </x-given-edit>
        <x-given-edit :page="$page" edit="track-body">
            <x-given id="track-target" name="target" :label="__('shots.sky.keep')" :options="$choices" />
            <button class="button"><x-icon name="route" /><span class="text">{{ __('shots.sky.track') }}</span></button>
        </x-given-edit>
    </div>
    @endif
    </x-fold>
</section>
@endif
