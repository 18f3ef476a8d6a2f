{{-- A card for each keyframe, side by side in the order of the run. Written without components: a move may have hundreds. --}}
@php
    use Evrent\Core\Motion\Move;
    use Evrent\Core\Motion\AxisRole;
    use App\Pages\NumberField;
    use Evrent\Core\Words\PlainText;
    $plan = $page->plan;
    $units = $settings->units;
    $last = array_key_last($plan->move->keyframes);
    [$trash, $plus, $marked, $unmarked] = array_map(App\Pages\Icon::svg(...), ['trash-2', 'plus', 'star-filled', 'star']);
    $wrong = fn (string $pointer) => $errors->first('plan' . str_replace('/', '.', $pointer)) ?: null;
@endphp
<section class="panel keyframes needs-rig" aria-labelledby="keyframes-title">
    <header class="panel-head"><h2 id="keyframes-title">Keyframes</h2>
        <span class="tools">
            <x-edit :page="$page" edit="swap" icon="arrow-left-right" class="is-quiet" id="swap">Swap direction</x-edit>
            <x-edit :page="$page" edit="fit" icon="fold-horizontal" class="is-quiet" id="fit">Fit to the travel</x-edit>
        </span></header>
    <x-presses :page="$page" id="keyframe-out" edit="keyframe-out" /><x-presses :page="$page" id="keyframe-after" edit="keyframe-after" />
    <x-presses :page="$page" id="matters-most" edit="matters-most" />
    <ol class="keyframe-cards" tabindex="0" aria-label="Keyframes in the order of the run">
        @foreach ($plan->move->keyframes as $k => $keyframe)
            @php $peg = Move::peg($k); $own = '/move/keyframes/' . $k; $between = $k > 0 && $k < $last; @endphp
            <li class="keyframe-card" id="keyframe-{{ $k }}">
                <div class="card-head"><span class="peg">{{ $peg }}</span>
                    @if ($between)<span class="card-when">{!! NumberField::html($own . '/at', 'Share of the photos at ' . $peg, $texts[$own . '/at'], '%', 5,
                        $wrong($own . '/at')) !!}</span>@else<span class="quiet">{{ $k === 0 ? 'first photo' : 'last photo' }}</span>@endif
                    {!! NumberField::press('matters-most', $k, "matters-{$k}", $keyframe->mattersMost ? $marked : $unmarked,
                        $peg . ($keyframe->mattersMost ? ' matters most: take the mark off' : ': mark it as what matters most')) !!}
                    @if ($between){!! NumberField::press('keyframe-out', $k, "take-out-{$k}", $trash, 'Remove ' . $peg) !!}@endif</div>
                @foreach ($plan->rig->axes as $a => $axis)
                    <div class="card-axis"><span><i class="axis-line" data-axis="{{ $a % 3 }}"></i>{{ $axis->id }}</span>
                        {!! NumberField::html($own . '/' . $axis->id, ucfirst($axis->id) . ' at ' . $peg, $texts[$own . '/' . $axis->id],
                            $units->ofAxis($axis->kind), 6, $wrong($own . '/' . $axis->id)
                            ?? ($axis->holds($keyframe->positions[$axis->id]) ? null : $axis->travelProblem())) !!}</div>
                @endforeach
                @if ($between)<div class="card-axis"><x-choice :pointer="$own . '/pass'" :label="$peg . ': stop or pass'"
                    :shown-label="false" :value="$texts[$own . '/pass']" :options="['0' => 'stop', '1' => 'pass']" />
                    {!! NumberField::html($own . '/hold_photos', 'Photos held at ' . $peg, $texts[$own . '/hold_photos'], 'held', 3,
                        $wrong($own . '/hold_photos')) !!}</div>@endif
                <div class="card-axis"><span class="quiet">subject</span><span class="card-subject">@foreach (['subject_width' => 'wide',
                    'subject_height' => 'high'] as $field => $across){!! NumberField::html($own . '/' . $field, 'Share of the photo that the subject is '
                    . $across . ' at ' . $peg, $texts[$own . '/' . $field] ?? '', '% ' . $across, 3, $wrong($own . '/' . $field)) !!} @endforeach</span></div>
                <div class="card-acts"><button type="button" class="button is-quiet" data-go-to="{{ $k }}">Go to {{ $peg }}</button>
                    <button type="button" class="button" data-set-here="{{ $k }}">Set {{ $peg }} here</button></div>
            </li>
        @endforeach
    </ol>
    <p class="add-keyframe">
        @foreach ($plan->move->keyframes as $k => $keyframe)
            @if ($k < $last){!! NumberField::press('keyframe-after', $k, "add-after-{$k}", $plus,
                $last === 1 ? 'Add a keyframe between' : 'Add between ' . Move::peg($k) . ' and ' . Move::peg($k + 1), true) !!}@endif
        @endforeach
    </p>
    @if ($plan->rig->axes !== [])<div class="steps-held">
        @foreach ($plan->rig->axes as $axis)<x-number :pointer="'/held/step_' . $axis->id" :name="'held[step_' . $axis->id . ']'"
            :label="ucfirst($axis->id) . ', from photo to photo'" :value="$texts['/held/step_' . $axis->id]" :unit="$units->ofAxis($axis->kind)" :width="7"
            shown-label />@endforeach
        <small class="quiet">{{ $page->pins->step === null ? 'A step that is typed is held: photos follow from the way, and the way from photos.'
            : 'The step of the ' . $page->pins->step->axisId . ' is held. Emptied, it is not.' }}</small>
    </div>
    <x-given-edit :page="$page" edit="turn" class="turn">
        <x-given name="axis" label="Let the" :options="array_combine($plan->rig->axisIds(), $plan->rig->axisIds())" id="turn-axis" />
        <x-given name="way" label="go in all" mode="text" :width="8" /><button class="button">Set the way</button>
        <small class="quiet">360, 1.5 turns or 450 mm; with a clockwork, photos and interval follow.</small></x-given-edit>@endif
    <details class="more" id="whole-move">
        <summary>Change the move as a whole</summary>
        <div class="whole-move">
            <div class="flips">@foreach ($plan->rig->axes as $axis)<span><x-edit :page="$page" edit="flip" :with="['axis' => $axis->id]"
                icon="flip-horizontal-2" class="is-quiet" :id="'flip-' . $axis->id">Flip {{ $axis->id }}</x-edit> <small class="quiet">{{ $axis->isEndless
                ? 'turns without end'
                : 'travels ' . $units->axisText($axis->kind, $axis->min) . ' to ' . $units->axisText($axis->kind, $axis->max) }}</small></span>
                @endforeach</div>
            <x-given-edit :page="$page" edit="scale"><x-given name="factor" label="Scale about its middle" :width="6" mode="text" /><button
                class="button">Scale</button></x-given-edit>
            <x-given-edit :page="$page" edit="nudge">
                <x-given name="axis" label="Nudge all keyframes of" :options="array_combine($plan->rig->axisIds(), $plan->rig->axisIds())" />
                <x-given name="by" label="by, mm or °" /><button class="button">Nudge</button></x-given-edit>
            @if ($plan->rig->axisFor(AxisRole::Pan) !== null)
            <x-given-edit :page="$page" edit="pan-frames"><x-given name="widths" label="Pan this far, in frame widths" /><button
                class="button">Pan</button></x-given-edit>
            <x-given-edit :page="$page" edit="aim" class="aim">
                <x-given name="bearing_a" label="Aim A: bearing" unit="°" /><x-given name="height_a" label="height" unit="°" :width="4" />
                <x-given name="bearing_b" :label="'Aim ' . Move::peg($last) . ': bearing'" unit="°" /><x-given name="height_b" label="height"
                    unit="°" :width="4" />
                <button class="button"><x-icon name="crosshair" /><span class="text">Aim</span></button>
                <small class="quiet">Bearings from true north; {{ $plan->facing() === null ? 'pan 0 is taken to point north until Faces is set'
                    : 'pan 0 faces ' . PlainText::rounded($plan->facing()) . '°' }}.</small></x-given-edit>
            @endif
        </div>
    </details>
</section>
