@php
    use Evrent\Core\Motion\Move;
    use App\Pages\InShort;
    use App\Pages\NumberField;
    use Evrent\Core\Messages\Quantity;
    use Evrent\Core\Motion\EaseShape;
    $plan = $page->plan;
    $legs = $plan->path->legs;
    $shapes = array_slice(InShort::options(EaseShape::class), 1);
    [$trash, $plus] = array_map(App\Pages\Icon::svg(...), ['trash-2', 'plus']);
    $wrong = fn (string $pointer) => $errors->first('plan' . str_replace('/', '.', $pointer)) ?: null;
@endphp
<section class="panel timing" aria-label="{{ __('shots.timing.title') }}">
    <x-fold id="timing" :title="__('shots.timing.title')" :says="InShort::ease($plan) . '; ' . InShort::keys($plan)">
    <div class="ease">
        @php $easings = ['/move/easing' => count($legs) > 1 ? __('shots.timing.move') : '']; @endphp
        @foreach ($legs as $leg)
            @if ($plan->move->keyframes[$leg->fromKeyframe]->easing !== null)@php $easings["/move/keyframes/{$leg->fromKeyframe}/easing"] =
                __('shots.timing.leg', ['peg' => Move::peg($leg->fromKeyframe), 'peg2' => Move::peg($leg->toKeyframe)]); @endphp @endif
        @endforeach
        @foreach ($easings as $pointer => $name)
            <fieldset class="ease-of"><legend @class(['sr-only' => $name === ''])>{{ $name === '' ? __('shots.timing.ease_move') : $name }}</legend>
                <x-number :pointer="$pointer . '/ramp_in'" :label="__('shots.timing.in')" :value="$texts[$pointer . '/ramp_in']" unit="%"
                    :width="6" shown-label />
                <x-number :pointer="$pointer . '/ramp_out'" :label="__('shots.timing.out')" :value="$texts[$pointer . '/ramp_out']" unit="%"
                    :width="6" shown-label />
                <x-number :pointer="$pointer . '/ramp_total'" :label="__('shots.timing.both')" :value="$texts[$pointer . '/ramp_total']" unit="%"
                    :width="6" shown-label />
                <x-choice :pointer="$pointer . '/shape'" :label="__('shots.timing.shape')" :value="$texts[$pointer . '/shape']" :options="$shapes" />
            </fieldset>
        @endforeach
        @include('shots.parts.ramp')
        <small class="quiet">{{ __('shots.timing.hint') }}</small>
        <div class="back-and-forth"><x-number pointer="/move/one_way_photos" :label="__('shots.timing.back_forth')" :width="7" :unit="__('common.photos_unit')"
            :value="$texts['/move/one_way_photos'] ?? ''" shown-label />
            <small class="quiet">{{ __('shots.timing.back_hint') }}</small></div>
        @if (count($legs) > 1)
            <p class="add-keyframe">@foreach ($legs as $leg)<x-edit :page="$page" edit="run-ease" :with="['place' => $leg->fromKeyframe]"
                class="is-quiet" :id="'run-ease-' . $leg->fromKeyframe">{{ __('shots.timing.own', ['peg' => Move::peg($leg->fromKeyframe),
                    'peg2' => Move::peg($leg->toKeyframe), 'part' => $plan->move->keyframes[$leg->fromKeyframe]->easing === null
                        ? __('shots.timing.own_ease') : __('shots.timing.move_ease')]) }}</x-edit>@endforeach</p>
        @endif
    </div>
    @foreach (['interval_s' => ['interval', $plan->timing->interval, 'interval-keys'],
        'exposure_s' => ['exposure', $plan->timing->exposure, 'exposure-keys']] as $field => [$what, $keyed, $edit])
        @php $words = "shots.timing.{$what}_keys"; @endphp
        <div class="keys-of">
            @if ($keyed->isConstant())
                <x-edit :page="$page" :edit="$edit" :with="['do' => 'vary']" icon="route" class="is-quiet"
                    :id="'vary-' . $what">{{ __("{$words}.vary") }}</x-edit>
            @else
                <h3>{{ __("{$words}.varied") }}</h3>
                @php $many = count($keyed->keys) > 8; @endphp
                @if ($many)<details class="more" id="keys-{{ $what }}">
                <summary>{{ __('shots.timing.keys', ['keys' => count($keyed->keys), 'seconds' => Quantity::shutter($keyed->keys[0]['seconds']),
                    'seconds2' => Quantity::shutter($keyed->keys[array_key_last($keyed->keys)]['seconds'])]) }}</summary>@endif
                <x-presses :page="$page" :id="$edit . '-out'" :edit="$edit" :with="['do' => 'out']" /><x-presses :page="$page" :id="$edit . '-add'"
                    :edit="$edit" :with="['do' => 'add']" />
                <ol class="key-list">
                    @foreach ($keyed->keys as $i => $key)
                        @php $end = $i === 0 || $i === array_key_last($keyed->keys); @endphp
                        <li>
                            @php $own = '/timing/' . $field . '/' . $i; @endphp
                            @if ($end)<span class="key-at">{{ $i === 0 ? __('shots.timing.first')
                                : __('shots.timing.last') }}</span>@else{!! NumberField::html($own . '/at', __("{$words}.at_key", ['i' => $i + 1]),
                                $texts[$own . '/at'], '%', 5, $wrong($own . '/at')) !!}@endif
                            {!! NumberField::html($own . '/' . $field, __("{$words}.value_key", ['i' => $i + 1]), $texts[$own . '/' . $field], 's', 6,
                                $wrong($own . '/' . $field)) !!}
                            @if (!$end){!! NumberField::press("{$edit}-out", $i, "out-{$what}-{$i}", $trash,
                                __("{$words}.remove_key", ['i' => $i + 1])) !!}@endif
                            @if ($i < array_key_last($keyed->keys)){!! NumberField::press("{$edit}-add", $i, "add-{$what}-{$i}", $plus,
                                __("{$words}.add_key", ['i' => $i + 1])) !!}@endif
                        </li>
                    @endforeach
                </ol>
                @if ($many)</details>@endif
                <x-edit :page="$page" :edit="$edit" :with="['do' => 'steady']" class="is-quiet" :id="'steady-' . $what">{{ __('shots.timing.same') }}</x-edit>
            @endif
        </div>
    @endforeach
    </x-fold>
</section>
