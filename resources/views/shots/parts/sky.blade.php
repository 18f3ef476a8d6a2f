@php
    use Evrent\Core\Motion\Move;
    use Evrent\Core\Motion\AxisRole;
    use Evrent\Core\Words\PlainText;
        use Evrent\Core\Sky\Target;
    $plan = $page->plan;
    $choices = collect(Target::cases())->mapWithKeys(fn ($target) => [$target->value => $target->name()]);
@endphp
@if ($plan->rig->axisFor(AxisRole::Pan) !== null)
<section class="panel sky-aim" aria-labelledby="sky-title">
    <h2 id="sky-title" class="sr-only">Sky</h2>
    <x-fold id="sky-fields" title="Aim by the sky" :says="$plan->facing() === null
        ? 'not set where pan 0 points' : 'pan 0 points to ' . PlainText::number($plan->facing()) . '° true'">
    <div class="whole-move">
        <x-given-edit :page="$page" edit="compass">
            <x-given name="compass" label="With pan at 0 the compass reads" unit="°" :width="5" /><x-given name="variation" label="variation, east +"
                unit="°" :width="4" />
            <button class="button">Set compass</button>@if ($plan->facing() !== null)<small
                class="quiet">Now pan 0 points to {{ PlainText::number($plan->facing()) }}° true.</small>@endif
        </x-given-edit>
    </div>
    @if ($page->times->begins === null)
        <p class="nothing">{{ ucfirst(Target::names()) }} show in finder and chart once {{ $plan->site === null ? 'the shoot has a place and a day'
            : 'this shot has a start that comes' }}.</p>
    @else
    <div class="whole-move">
        <x-given-edit :page="$page" edit="aim-body">
            <x-given id="aim-place" name="place" label="Aim"
                :options="array_map(Move::peg(...), array_keys($plan->move->keyframes))" />
            <x-given id="aim-target" name="target" label="at the" :options="$choices" problem-id="p-edit-aim-target" />
            <x-given name="at" label="as at (empty: its own photo)" :width="9" mode="text" /><button class="button"><x-icon name="crosshair" /><span
                class="text">Aim</span></button>
        </x-given-edit>
        <x-given-edit :page="$page" edit="track-body">
            <x-given id="track-target" name="target" label="Keep in the middle, all the way, the" :options="$choices" />
            <button class="button"><x-icon name="route" /><span class="text">Track</span></button>
        </x-given-edit>
    </div>
    @endif
    </x-fold>
</section>
@endif
