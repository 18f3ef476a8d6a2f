@php
    use Evrent\Core\Motion\Move;
    use App\Pages\InShort;
    use App\Pages\NumberField;
    use Evrent\Core\Words\PlainText;
    use Evrent\Core\Motion\EaseShape;
    $plan = $page->plan;
    $legs = $plan->path->legs;
    $shapes = array_column(EaseShape::cases(), 'value', 'value');
    [$trash, $plus] = array_map(App\Pages\Icon::svg(...), ['trash-2', 'plus']);
    $wrong = fn (string $pointer) => $errors->first('plan' . str_replace('/', '.', $pointer)) ?: null;
@endphp
<section class="panel timing" aria-label="Ease and keys">
    <x-fold id="timing" title="Ease and keys" :says="InShort::ease($plan) . '; ' . InShort::keys($plan)">
    <div class="ease">
        @php $easings = ['/move/easing' => count($legs) > 1 ? 'The move' : '']; @endphp
        @foreach ($legs as $leg)
            @if ($plan->move->keyframes[$leg->fromKeyframe]->easing !== null)@php $easings["/move/keyframes/{$leg->fromKeyframe}/easing"] =
                Move::peg($leg->fromKeyframe) . ' to ' . Move::peg($leg->toKeyframe); @endphp @endif
        @endforeach
        @foreach ($easings as $pointer => $name)
            <fieldset class="ease-of"><legend @class(['sr-only' => $name === ''])>{{ $name === '' ? 'Ease of the move' : $name }}</legend>
                <x-number :pointer="$pointer . '/ramp_in'" label="Ramp in" :value="$texts[$pointer . '/ramp_in']" unit="%" :width="6" shown-label />
                <x-number :pointer="$pointer . '/ramp_out'" label="Ramp out" :value="$texts[$pointer . '/ramp_out']" unit="%" :width="6" shown-label />
                <x-number :pointer="$pointer . '/ramp_total'" label="Both together" :value="$texts[$pointer . '/ramp_total']" unit="%" :width="6" shown-label />
                <x-choice :pointer="$pointer . '/shape'" label="Shape" :value="$texts[$pointer . '/shape']" :options="$shapes" />
            </fieldset>
        @endforeach
        @include('shots.parts.ramp')
        <small class="quiet">A ramp may be typed in per cent of its run, in photos (43 photos) or in time (5 min).</small>
        <div class="back-and-forth"><x-number pointer="/move/one_way_photos" label="Back and forth: photos one way" :width="7" unit="photos"
            :value="$texts['/move/one_way_photos'] ?? ''" shown-label />
            <small class="quiet">Leave it empty for a single move. Otherwise the rig goes back and forth until all photos are taken.</small></div>
        @if (count($legs) > 1)
            <p class="add-keyframe">@foreach ($legs as $leg)<x-edit :page="$page" edit="run-ease" :with="['place' => $leg->fromKeyframe]"
                class="is-quiet" :id="'run-ease-' . $leg->fromKeyframe">{{ Move::peg($leg->fromKeyframe) }} to
                {{ Move::peg($leg->toKeyframe) }}:
                {{ $plan->move->keyframes[$leg->fromKeyframe]->easing === null ? 'an ease of its own' : 'the move’s ease' }}</x-edit>@endforeach</p>
        @endif
    </div>
    @foreach (['interval_s' => ['interval', $plan->timing->interval, 'interval-keys'],
        'exposure_s' => ['exposure', $plan->timing->exposure, 'exposure-keys']] as $field => [$what, $keyed, $edit])
        <div class="keys-of">
            @if ($keyed->isConstant())
                <x-edit :page="$page" :edit="$edit" :with="['do' => 'vary']" icon="route" class="is-quiet"
                    :id="'vary-' . $what">Change the {{ $what }} along the run</x-edit>
            @else
                <h3>The {{ $what }} along the run{{ $what === 'exposure' ? ', even in stops between' : ', even between' }}</h3>
                @php $many = count($keyed->keys) > 8; @endphp
                @if ($many)<details class="more" id="keys-{{ $what }}">
                <summary>{{ count($keyed->keys) }} keys, from {{ PlainText::shutter($keyed->keys[0]['seconds']) }} s to
                    {{ PlainText::shutter($keyed->keys[array_key_last($keyed->keys)]['seconds']) }} s</summary>@endif
                <x-presses :page="$page" :id="$edit . '-out'" :edit="$edit" :with="['do' => 'out']" /><x-presses :page="$page" :id="$edit . '-add'"
                    :edit="$edit" :with="['do' => 'add']" />
                <ol class="key-list">
                    @foreach ($keyed->keys as $i => $key)
                        @php $end = $i === 0 || $i === array_key_last($keyed->keys); @endphp
                        <li>
                            @php $own = '/timing/' . $field . '/' . $i; @endphp
                            @if ($end)<span class="key-at">{{ $i === 0 ? 'first photo'
                                : 'last photo' }}</span>@else{!! NumberField::html($own . '/at', 'Where the ' . $what . ' has key ' . ($i + 1),
                                $texts[$own . '/at'], '%', 5, $wrong($own . '/at')) !!}@endif
                            {!! NumberField::html($own . '/' . $field, ucfirst($what) . ' at key ' . ($i + 1), $texts[$own . '/' . $field], 's', 6,
                                $wrong($own . '/' . $field)) !!}
                            @if (!$end){!! NumberField::press("{$edit}-out", $i, "out-{$what}-{$i}", $trash,
                                'Remove key ' . ($i + 1) . " of the {$what}") !!}@endif
                            @if ($i < array_key_last($keyed->keys)){!! NumberField::press("{$edit}-add", $i, "add-{$what}-{$i}", $plus,
                                'Add a key after key ' . ($i + 1) . " of the {$what}") !!}@endif
                        </li>
                    @endforeach
                </ol>
                @if ($many)</details>@endif
                <x-edit :page="$page" :edit="$edit" :with="['do' => 'steady']" class="is-quiet" :id="'steady-' . $what">The same for every photo</x-edit>
            @endif
        </div>
    @endforeach
    </x-fold>
</section>
