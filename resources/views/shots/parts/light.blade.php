@php
    use App\Pages\InShort;
    use Evrent\Core\Format\LightText;
    use Evrent\Core\Light\ExposedFor;
    use Evrent\Core\Light\Light;
    use Evrent\Core\Light\LightKind;
    use Evrent\Core\Messages\Quantity;
    $plan = $page->plan;
    $light = $plan->light;
    $skies = $plan->site?->skies();
    $known = $plan->site !== null && $page->times->begins !== null;
    $open = $plan->timing->exposure;
@endphp
<section class="panel light" id="light" aria-labelledby="light-title">
    <header class="panel-head"><h2 id="light-title">{{ __('shots.light.title') }}</h2>
        @if ($light !== null)<x-edit :page="$page" edit="part-out" :with="['part' => 'light']" icon="trash-2" class="is-quiet"
            id="light-out">{{ __('shots.light.remove') }}</x-edit>@endif</header>
    <div class="grid-fields">
        <x-twin pointer="/start" :label="__('common.start')" :value="$texts['/start'] ?? ''"
            :width="max(16, mb_strlen($texts['/start'] ?? ''))" />
        @if ($open->isConstant())<x-twin pointer="/timing/exposure_s" :label="__('shots.light.open')" :value="$texts['/timing/exposure_s']"
            :unit="__('common.seconds_unit')" :width="6" />
        @else<p class="keyed-told"><span class="quiet">{{ __('shots.light.open') }}</span> <a href="#timing">{{ __('shots.light.ramp',
            ['seconds' => Quantity::shutter($open->keys[0]['seconds']), 'seconds2' => Quantity::shutter($open->keys[array_key_last($open->keys)]['seconds']),
                'keys' => count($open->keys)]) }}</a></p>@endif
        @if ($light !== null)
            <x-number pointer="/light/aperture" :label="__('shots.light.aperture')" :value="$texts['/light/aperture']" :width="4" shown-label />
            <x-number pointer="/light/iso" label="ISO" :value="$texts['/light/iso']" :width="5" shown-label />
            <x-number pointer="/light/nd_stops" :label="__('shots.light.nd')" :value="$texts['/light/nd_stops']" :unit="__('common.stops')"
                :width="3" shown-label />
            <x-choice pointer="/light/kind" :label="__('shots.light.light_of')" :value="$texts['/light/kind']"
                :options="array_combine(array_column(LightKind::cases(), 'value'), array_map(fn ($one) => $one->label(), LightKind::cases()))" />
            @if ($light->kind->daylightEnters())
            <x-choice pointer="/light/exposed_for" :label="__('shots.light.exposed_for')" :value="$texts['/light/exposed_for']"
                :options="array_combine(array_column(ExposedFor::cases(), 'value'), array_map(fn ($one) => $one->label(), ExposedFor::cases()))" />
            <x-choice pointer="/light/cloud" :label="__('shots.light.cloud')" :value="$texts['/light/cloud']"
                :options="['clear' => __('shots.light.cloudless'), 'thin' => __('shots.light.thin'), 'average' => __('shots.light.average'),
                'dark' => __('shots.light.dark')]" />
            @endif
        @endif
    </div>
    @if ($light === null)
        <div class="nothing"><p>{{ __('shots.light.says') }}</p>
            <x-edit :page="$page" edit="part-in" :with="['part' => 'light'] + $page->lightOfKit()" icon="plus" id="light-in">{{
                __('shots.light.add') }}</x-edit></div>
    @else
        @unless ($known || !$light->kind->daylightEnters())<p
            class="nothing">{{ $plan->site === null ? __('shots.light.needs_place')
            : __('shots.light.needs_start') }} <a
            href="{{ $plan->site === null ? route('shoots.show',
            $page->shot->shoot_id) . '#place' : '#f-start' }}">{{
                $plan->site === null ? __('shots.light.set_place') : __('shots.light.set_start') }}</a>.</p>@endunless
        @if ($light->isoChanges !== [])<p
            class="said-of">ISO {{ Quantity::number($light->iso) }}@foreach (array_slice($light->isoChanges, 0, 24) as $change){{ __('shots.light.iso_from',
                ['iso' => Quantity::number($change['iso'])]) }} <a href="#scrub"
            data-photo="{{ $change['frame'] }}">{{ __('shots.light.photo',
                ['frame' => $change['frame']]) }}</a>@endforeach @if (count($light->isoChanges) > 24) {{ __('shots.light.more',
                    ['isoChanges' => count($light->isoChanges) - 24]) }} @endif</p>@endif
    @endif
    <x-fold id="exposure-for" :title="__('shots.light.by_blur')" :says="null">
        <div class="whole-move">
            <x-given-edit :page="$page" edit="blur-share"><x-given name="share" :label="__('shots.light.share')" unit="%" :width="4" /><button
                class="button">{{ __('shots.light.set_exposure') }}</button></x-given-edit>
            <x-given-edit :page="$page" edit="smear"><x-given name="pixels" :label="__('shots.light.smear')" :unit="__('shots.light.smear_unit')" :width="5"
                mode="text" /><button
                class="button">{{ __('shots.light.set_exposure') }}</button></x-given-edit>
        </div>
    </x-fold>
    @if ($light !== null)
    <x-fold id="light-limits" :title="__('shots.light.ramp_title')" :says="InShort::lightFollowed($light, $texts)">
        <div class="grid-fields">
            <x-choice pointer="/light/control" :label="__('shots.light.set_by')" :value="$texts['/light/control']"
                :options="['manual' => __('shots.light.plan'),
                'aperture_priority' => __('shots.light.meter'), 'shutter_priority' => __('shots.light.both')]" />
            <x-choice pointer="/light/attended" :label="__('shots.light.while')" :value="$texts['/light/attended'] ?? ''"
                :options="['' => __('common.not_set'), '1' => __('shots.light.attended'), '0' => __('shots.light.unattended')]" />
            <x-number pointer="/light/longest_s" :label="__('shots.light.longest')" :value="$texts['/light/longest_s']" :unit="__('common.seconds_unit')"
                :width="5" shown-label />
            <x-number pointer="/light/shortest_s" :label="__('shots.light.shortest')" :value="$texts['/light/shortest_s']" :unit="__('common.seconds_unit')"
                :width="8" shown-label />
            <x-choice pointer="/light/stepless" :label="__('shots.light.moves')" :value="$texts['/light/stepless']"
                :options="['1' => __('shots.light.stepless'), '0' => __('shots.light.thirds')]" />
            <x-number pointer="/light/isos" :label="__('shots.light.isos')" :value="$texts['/light/isos']" :width="34" shown-label class="is-list" />
            <x-number pointer="/light/highest_iso" :label="__('shots.light.highest')" :value="$texts['/light/highest_iso'] ?? ''" :width="6" shown-label />
            <x-number pointer="/light/widest_aperture" :label="__('shots.light.widest')" :value="$texts['/light/widest_aperture'] ?? ''"
                :width="4" shown-label />
            <x-number pointer="/light/narrowest_aperture" :label="__('shots.light.narrowest')" :value="$texts['/light/narrowest_aperture'] ?? ''"
                :width="4" shown-label />
            <x-number pointer="/light/filters" :label="__('shots.light.filters')" :value="$texts['/light/filters'] ?? ''" :width="9" shown-label
                class="is-list" />
        </div>
    </x-fold>
    <x-fold id="light-wanted" :title="__('shots.light.target')" :says="LightText::wanted($light)">
        <div class="grid-fields"><x-number pointer="/light/bias_stops" :label="__('shots.light.brighter')" :value="$texts['/light/bias_stops']"
            :unit="__('common.stops')" :width="4" shown-label /></div>
        <p class="said-of quiet">{{ __('shots.light.hint') }}</p>
        <div class="whole-move">
            <x-given-edit :page="$page" edit="night-bias"><x-given name="night_stops" :label="__('shots.light.night')" :unit="__('common.stops')"
                :width="3" /><button
                class="button">{{ __('shots.light.set_night') }}</button>
                @if ($light->bias !== [])<small
                    class="quiet">{{ __('shots.light.night_now', ['stops' => Quantity::rounded(-$light->bias[0]['stops'],
                    1), 'ev' => Quantity::rounded($light->bias[0]['ev'], 0),
                        'ev2' => Quantity::rounded($light->bias[count($light->bias) - 1]['ev'], 0)]) }}</small>@endif</x-given-edit>
        </div>
    </x-fold>
    <x-fold id="light-there" :title="__('shots.light.scene')" :says="InShort::lightThere($light, $skies ?? [], $texts)">
        <div class="grid-fields">
            @if ($skies !== null)<x-choice pointer="/site/sky_mag" :label="__('shots.light.night_sky')" :value="$texts['/site/sky_mag']"
                :options="$skies" />@endif
            <x-number pointer="/light/lamps_lux" :label="__('shots.light.lamps')" :value="$texts['/light/lamps_lux']" unit="lux" :width="5"
                list="lamps" shown-label />
            <x-number pointer="/light/lamps_on" :label="__('shots.light.on')" :value="$texts['/light/lamps_on']" :width="7" list="lamps-on" shown-label />
        </div>
        <datalist id="lamps">@foreach (Light::LAMPS as $word => $lux)<option value="{{ $lux }}">{{ __("light.lamps.{$word}") }}</option>@endforeach</datalist>
        <datalist id="lamps-on"><option value="{{ Words::say(Light::lampsOn('always')) }}"></option><option
            value="{{ Words::say(Light::lampsOn('dusk')) }}">{{ __('shots.light.on_below') }}</option><option
            value="19:40">{{ __('shots.light.time') }}</option></datalist>
        <div class="whole-move">
            <x-given-edit :page="$page" edit="metered">
                @php $metered = $light->metered; @endphp
                <x-given name="metered_s" :label="__('shots.light.reading')" :unit="__('common.seconds_unit')" :width="6" mode="text" /><x-given
                    name="metered_aperture" :label="__('shots.light.at_f')"
                    :width="3" /><x-given name="metered_iso" label="ISO" :width="5" />@if ($light->kind->daylightEnters())<x-given
                    name="metered_at" :label="__('shots.light.when')" :width="9" mode="text" />@endif
                <button class="button"><x-icon name="pin" /><span class="text">{{ __('shots.light.calibrate') }}</span></button>
                @if ($metered !== null)<small class="quiet">{{ __('shots.light.calibrated', ['seconds' => Quantity::shutter($metered->exposure->seconds),
                    'aperture' => Quantity::rounded($metered->exposure->aperture, 1),
                        'iso' => Quantity::number($metered->exposure->iso)]) }}@if ($plan->site && $light->kind->daylightEnters()) {{ __('shots.light.at', [
                            'clockAndDay' => $plan->site->day->clockAndDay($metered->at)]) }}@endif.</small>@endif
            </x-given-edit>
            @if ($metered !== null)<x-edit :page="$page" edit="metered-out" class="is-quiet" id="metered-out">{{ __('shots.light.clear') }}</x-edit>@endif
        </div>
    </x-fold>
    @endif
</section>
