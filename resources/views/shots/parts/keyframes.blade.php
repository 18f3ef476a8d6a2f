{{-- A card for each keyframe, side by side in the order of the run. Written without components: a move may have hundreds. --}}
@php
    use Evrent\Core\Motion\Axis;
    use Evrent\Core\Motion\Move;
    use Evrent\Core\Motion\AxisRole;
    use App\Pages\NumberField;
    use Evrent\Core\Messages\Quantity;
    $plan = $page->plan;
    $units = $settings->units;
    $axisNames = array_combine($plan->rig->axisIds(), array_map(fn ($axis) => Words::say($axis->label()), $plan->rig->axes));
    $last = array_key_last($plan->move->keyframes);
    [$trash, $plus, $marked, $unmarked] = array_map(App\Pages\Icon::svg(...), ['trash-2', 'plus', 'star-filled', 'star']);
    $wrong = fn (string $pointer) => $errors->first('plan' . str_replace('/', '.', $pointer)) ?: null;
@endphp
<section class="panel keyframes needs-rig" aria-labelledby="keyframes-title">
    <header class="panel-head"><h2 id="keyframes-title">{{ __('shots.keyframes.title') }}</h2>
        <span class="tools">
            <x-edit :page="$page" edit="swap" icon="arrow-left-right" class="is-quiet" id="swap">{{ __('shots.keyframes.swap') }}</x-edit>
            <x-edit :page="$page" edit="fit" icon="fold-horizontal" class="is-quiet" id="fit">{{ __('shots.keyframes.fit') }}</x-edit>
        </span></header>
    <x-presses :page="$page" id="keyframe-out" edit="keyframe-out" /><x-presses :page="$page" id="keyframe-after" edit="keyframe-after" />
    <x-presses :page="$page" id="matters-most" edit="matters-most" />
    <ol class="keyframe-cards" tabindex="0" aria-label="{{ __('shots.keyframes.list') }}">
        @foreach ($plan->move->keyframes as $k => $keyframe)
            @php $peg = Move::peg($k); $own = '/move/keyframes/' . $k; $between = $k > 0 && $k < $last; @endphp
            <li class="keyframe-card" id="keyframe-{{ $k }}">
                <div class="card-head"><span class="peg">{{ $peg }}</span>
                    @if ($between)<span class="card-when">{!! NumberField::html($own . '/at', __('shots.keyframes.share', [
                        'peg' => $peg]), $texts[$own . '/at'], '%', 5,
                        $wrong($own . '/at')) !!}</span>@else<span class="quiet">{{
                            $k === 0 ? __('shots.keyframes.first') : __('shots.keyframes.last') }}</span>@endif
                    {!! NumberField::press('matters-most', $k, "matters-{$k}", $keyframe->mattersMost ? $marked : $unmarked,
                        $peg . ($keyframe->mattersMost ? (' ' . __('shots.keyframes.matters')) : __('shots.keyframes.mark'))) !!}
                    @if ($between){!! NumberField::press('keyframe-out', $k, "take-out-{$k}", $trash, __('shots.keyframes.remove', [
                        'peg' => $peg])) !!}@endif</div>
                @foreach ($plan->rig->axes as $a => $axis)
                    <div class="card-axis"><span><i class="axis-line" data-axis="{{ $a % 3 }}"></i>{{ $axis->label() }}</span>
                        {!! NumberField::html($own . '/' . $axis->id, __('shots.keyframes.axis_at', ['axis' => Words::capital($axis->label()),
                            'peg' => $peg]), $texts[$own . '/' . $axis->id],
                            $units->ofAxis($axis->kind), 6, $wrong($own . '/' . $axis->id)
                            ?? ($axis->holds($keyframe->positions[$axis->id]) ? null : $axis->travelProblem())) !!}</div>
                @endforeach
                @if ($between)<div class="card-axis"><x-choice :pointer="$own . '/pass'" :label="__('shots.keyframes.stop', ['peg' => $peg])"
                    :shown-label="false" :value="$texts[$own . '/pass']" :options="['0' => __('shots.keyframes.stops'), '1' => __('shots.keyframes.passes')]" />
                    {!! NumberField::html($own . '/hold_photos', __('shots.keyframes.hold', ['peg' => $peg]), $texts[$own . '/hold_photos'], 
                        __('shots.keyframes.held'), 3, $wrong($own . '/hold_photos')) !!}</div>@endif
                <div class="card-axis"><span class="quiet">{{ __('shots.keyframes.subject') }}</span><span
                    class="card-subject">@foreach (['subject_width' => 'wide',
                    'subject_height' => 'high'] as $field => $across){!! NumberField::html($own . '/' . $field, __("shots.keyframes.subject_{$across}", [
                        'peg' => $peg]), $texts[$own . '/' . $field] ?? '', __("shots.keyframes.{$across}"), 3,
                        $wrong($own . '/' . $field)) !!} @endforeach</span></div>
                <div class="card-acts"><button type="button" class="button is-quiet" data-go-to="{{ $k }}">{{ __('shots.keyframes.go',
                    ['peg' => $peg]) }}</button>
                    <button type="button" class="button" data-set-here="{{ $k }}">{{ __('shots.keyframes.set', ['peg' => $peg]) }}</button></div>
            </li>
        @endforeach
    </ol>
    <p class="add-keyframe">
        @foreach ($plan->move->keyframes as $k => $keyframe)
            @if ($k < $last){!! NumberField::press('keyframe-after', $k, "add-after-{$k}", $plus,
                $last === 1 ? __('shots.keyframes.add') : __('shots.keyframes.between', ['peg' => Move::peg($k), 'peg2' => Move::peg($k + 1)]), true) !!}@endif
        @endforeach
    </p>
    @if ($plan->rig->axes !== [])<div class="steps-held">
        @foreach ($plan->rig->axes as $axis)<x-number :pointer="'/held/step_' . $axis->id" :name="'held[step_' . $axis->id . ']'"
            :label="__('shots.keyframes.step', ['axis' => Words::capital($axis->label())])" :value="$texts['/held/step_' . $axis->id]"
            :unit="$units->ofAxis($axis->kind)"
                :width="7"
            shown-label />@endforeach
        <small class="quiet">{{ $page->pins->step === null ? __('shots.keyframes.step_help')
            : __('shots.keyframes.step_held', ['axisId' => Axis::labelOf($page->pins->step->axisId)]) }}</small>
    </div>
    <x-given-edit :page="$page" edit="turn" class="turn">
        <x-given name="axis" :label="__('shots.keyframes.total')" :options="$axisNames" id="turn-axis" />
        <x-given name="way" :label="__('shots.keyframes.total_is')" mode="text" :width="8" /><button class="button">{{
            __('shots.keyframes.total_set') }}</button>
        <small class="quiet">{{ __('shots.keyframes.total_hint') }}</small></x-given-edit>@endif
    <details class="more" id="whole-move">
        <summary>{{ __('shots.keyframes.transform') }}</summary>
        <div class="whole-move">
            <div class="flips">@foreach ($plan->rig->axes as $axis)<span><x-edit :page="$page" edit="flip" :with="['axis' => $axis->label()]"
                icon="flip-horizontal-2" class="is-quiet" :id="'flip-' . $axis->id">{{ __('shots.keyframes.flip', ['axis' => $axis->label()]) }}</x-edit> <small
                    class="quiet">{{ $axis->isEndless
                ? __('shots.keyframes.endless')
                : __('shots.keyframes.travel', ['axisText' => $units->axisText($axis->kind, $axis->min),
                    'axisText2' => $units->axisText($axis->kind, $axis->max)]) }}</small></span>
                @endforeach</div>
            <x-given-edit :page="$page" edit="scale"><x-given name="factor" :label="__('shots.keyframes.scale_label')" :width="6" mode="text" /><button
                class="button">{{ __('shots.keyframes.scale') }}</button></x-given-edit>
            <x-given-edit :page="$page" edit="nudge">
                <x-given name="axis" :label="__('shots.keyframes.nudge_label')" :options="$axisNames" />
                <x-given name="by" :label="__('shots.keyframes.by')" /><button class="button">{{ __('shots.keyframes.nudge') }}</button></x-given-edit>
            @if ($plan->rig->axisFor(AxisRole::Pan) !== null)
            <x-given-edit :page="$page" edit="pan-frames"><x-given name="widths" :label="__('shots.keyframes.pan_label')" /><button
                class="button">{{ __('shots.keyframes.pan') }}</button></x-given-edit>
            <x-given-edit :page="$page" edit="aim" class="aim">
                <x-given name="bearing_a" :label="__('shots.keyframes.aim_a')" unit="°" /><x-given name="height_a" :label="__('shots.keyframes.height')"
                    unit="°" :width="4" />
                <x-given name="bearing_b" :label="__('shots.keyframes.aim_other', ['peg' => Move::peg($last)])" unit="°" /><x-given name="height_b"
                    :label="__('shots.keyframes.height')"
                    unit="°" :width="4" />
                <button class="button"><x-icon name="crosshair" /><span class="text">{{ __('shots.keyframes.aim') }}</span></button>
                <small class="quiet">{{ __('shots.keyframes.bearings', ['part' => $plan->facing() === null ? __('shots.keyframes.north')
                    : __('shots.keyframes.faces', ['facing' => Quantity::rounded($plan->facing())])]) }}</small></x-given-edit>
            @endif
        </div>
    </details>
</section>
