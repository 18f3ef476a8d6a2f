@php
    use App\Pages\InShort;
    use Evrent\Core\Format\LightText;
    use Evrent\Core\Light\ExposedFor;
    use Evrent\Core\Light\Light;
    use Evrent\Core\Light\LightKind;
    use Evrent\Core\Words\PlainText;
    $plan = $page->plan;
    $light = $plan->light;
    $skies = $plan->site?->skies();
    $known = $plan->site !== null && $page->times->begins !== null;
    $open = $plan->timing->exposure;
@endphp
<section class="panel light" id="light" aria-labelledby="light-title">
    <header class="panel-head"><h2 id="light-title">Exposure</h2>
        @if ($light !== null)<x-edit :page="$page" edit="part-out" :with="['part' => 'light']" icon="trash-2" class="is-quiet"
            id="light-out">Leave the light out</x-edit>@endif</header>
    <div class="grid-fields">
        <x-twin pointer="/start" label="Start" :value="$texts['/start'] ?? ''" :width="16" />
        @if ($open->isConstant())<x-twin pointer="/timing/exposure_s" label="Open for" :value="$texts['/timing/exposure_s']" unit="s" :width="6" />
        @else<p class="keyed-told"><span class="quiet">Open for</span> <a href="#timing">{{ PlainText::shutter($open->keys[0]['seconds']) }} →
            {{ PlainText::shutter($open->keys[array_key_last($open->keys)]['seconds']) }} s, {{ count($open->keys) }} keys</a></p>@endif
        @if ($light !== null)
            <x-number pointer="/light/aperture" label="Aperture, f/" :value="$texts['/light/aperture']" :width="4" shown-label />
            <x-number pointer="/light/iso" label="ISO" :value="$texts['/light/iso']" :width="5" shown-label />
            <x-number pointer="/light/nd_stops" label="ND on the lens" :value="$texts['/light/nd_stops']" unit="stops" :width="3" shown-label />
            <x-choice pointer="/light/kind" label="Light of" :value="$texts['/light/kind']"
                :options="array_combine(array_column(LightKind::cases(), 'value'), array_map(fn ($one) => $one->label(), LightKind::cases()))" />
            @if ($light->kind->daylightEnters())
            <x-choice pointer="/light/exposed_for" label="Exposed for" :value="$texts['/light/exposed_for']"
                :options="array_combine(array_column(ExposedFor::cases(), 'value'), array_map(fn ($one) => $one->label(), ExposedFor::cases()))" />
            <x-choice pointer="/light/cloud" label="Cloud" :value="$texts['/light/cloud']"
                :options="['clear' => 'clear', 'thin' => 'thin: half', 'average' => 'average: a third', 'dark' => 'dark: a tenth']" />
            @endif
        @endif
    </div>
    @if ($light === null)
        <div class="nothing"><p>Say with what it is exposed, and Evrent tells how bright each photo comes out, which filter it takes, when the light
            runs out, and plans the exposures that follow it.</p>
            <x-edit :page="$page" edit="part-in" :with="['part' => 'light'] + $page->lightOfKit()" icon="plus" id="light-in">Describe the light</x-edit></div>
    @else
        @unless ($known || !$light->kind->daylightEnters())<p
            class="nothing">{{ $plan->site === null ? 'The light of the day is known once the shoot has a place and a day:'
            : 'The light is known once the shot has a start:' }} <a
            href="{{ $plan->site === null ? route('shoots.show',
            $page->shot->shoot_id) . '#place' : '#f-start' }}">{{ $plan->site === null ? 'say where and when' : 'give it one' }}</a>.</p>@endunless
        @if ($light->isoChanges !== [])<p
            class="said-of">ISO {{ PlainText::number($light->iso) }}@foreach (array_slice($light->isoChanges, 0, 24) as $change),
            {{ PlainText::number($change['iso']) }} from <a href="#scrub"
            data-photo="{{ $change['frame'] }}">photo {{ $change['frame'] }}</a>@endforeach @if (count($light->isoChanges) > 24) and
            {{ count($light->isoChanges) - 24 }} more @endif</p>@endif
    @endif
    <x-fold id="exposure-for" title="Set the exposure by blur" :says="null">
        <div class="whole-move">
            <x-given-edit :page="$page" edit="blur-share"><x-given name="share" label="Open for this share of the interval" unit="%" :width="4" /><button
                class="button">Set exposure</button></x-given-edit>
            <x-given-edit :page="$page" edit="smear"><x-given name="pixels" label="The subject smears over" unit="px or %" :width="5" mode="text" /><button
                class="button">Set exposure</button></x-given-edit>
        </div>
    </x-fold>
    @if ($light !== null)
    <x-fold id="light-limits" title="How it is followed" :says="InShort::lightFollowed($light, $texts)">
        <div class="grid-fields">
            <x-choice pointer="/light/control" label="Shutter set by" :value="$texts['/light/control']"
                :options="['manual' => 'this plan',
                'aperture_priority' => 'the camera’s meter', 'shutter_priority' => 'this plan, and the meter the aperture']" />
            <x-choice pointer="/light/attended" label="While it runs" :value="$texts['/light/attended'] ?? ''"
                :options="['' => 'not said who stands by', '1' => 'somebody turns the dial', '0' => 'nobody is there']" />
            <x-number pointer="/light/longest_s" label="No longer than" :value="$texts['/light/longest_s']" unit="s" :width="5" shown-label />
            <x-number pointer="/light/shortest_s" label="no shorter than" :value="$texts['/light/shortest_s']" unit="s" :width="8" shown-label />
            <x-choice pointer="/light/stepless" label="Shutter moves" :value="$texts['/light/stepless']"
                :options="['1' => 'without steps', '0' => 'in thirds']" />
            <x-number pointer="/light/isos" label="ISO numbers it may use" :value="$texts['/light/isos']" :width="34" shown-label class="is-list" />
            <x-number pointer="/light/highest_iso" label="body goes to ISO" :value="$texts['/light/highest_iso'] ?? ''" :width="6" shown-label />
            <x-number pointer="/light/widest_aperture" label="lens opens to, f/" :value="$texts['/light/widest_aperture'] ?? ''" :width="4" shown-label />
            <x-number pointer="/light/narrowest_aperture" label="closes to, f/" :value="$texts['/light/narrowest_aperture'] ?? ''" :width="4" shown-label />
            <x-number pointer="/light/filters" label="ND filters in the bag, stops" :value="$texts['/light/filters'] ?? ''" :width="9" shown-label
                class="is-list" />
        </div>
    </x-fold>
    <x-fold id="light-wanted" title="Brightness wanted" :says="LightText::wanted($light)">
        <div class="grid-fields"><x-number pointer="/light/bias_stops" label="Brighter than metered" :value="$texts['/light/bias_stops']"
            unit="stops" :width="4" shown-label /></div>
        <p class="said-of quiet">By day many hold the highlights, 1 to 1.5 stops below the meter (−1.3); at night rather over than under.</p>
        <div class="whole-move">
            <x-given-edit :page="$page" edit="night-bias"><x-given name="night_stops" label="Let night be darker by" unit="stops" :width="3" /><button
                class="button">Set night</button>
                @if ($light->bias !== [])<small
                    class="quiet">Now {{ PlainText::rounded(-$light->bias[0]['stops'],
                    1) }} stops from EV {{ PlainText::rounded($light->bias[0]['ev'], 0) }} down, as the meter has it from EV
                    {{ PlainText::rounded($light->bias[count($light->bias) - 1]['ev'], 0) }} up.</small>@endif</x-given-edit>
        </div>
    </x-fold>
    <x-fold id="light-there" title="Light there" :says="InShort::lightThere($light, $skies ?? [], $texts)">
        <div class="grid-fields">
            @if ($skies !== null)<x-choice pointer="/site/sky_mag" label="Night sky here" :value="$texts['/site/sky_mag']" :options="$skies" />@endif
            <x-number pointer="/light/lamps_lux" label="Lamps on it" :value="$texts['/light/lamps_lux']" unit="lux" :width="5" list="lamps" shown-label />
            <x-number pointer="/light/lamps_on" label="they burn" :value="$texts['/light/lamps_on']" :width="7" list="lamps-on" shown-label />
        </div>
        <datalist id="lamps">@foreach (Light::LAMPS as $word => $lux)<option value="{{ $lux }}">{{ $word }}</option>@endforeach</datalist>
        <datalist id="lamps-on"><option value="always"></option><option value="dusk">when 50 lux of daylight are left</option><option
            value="19:40">a time</option></datalist>
        <div class="whole-move">
            <x-given-edit :page="$page" edit="metered">
                @php $metered = $light->metered; @endphp
                <x-given name="metered_s" label="A meter gave" unit="s" :width="6" mode="text" /><x-given name="metered_aperture" label="at f/"
                    :width="3" /><x-given name="metered_iso" label="ISO" :width="5" />@if ($light->kind->daylightEnters())<x-given
                    name="metered_at" label="when" :width="9" mode="text" />@endif
                <button class="button"><x-icon name="pin" /><span class="text">Pin light to meter</span></button>
                @if ($metered !== null)<small class="quiet">Pinned: {{ PlainText::shutter($metered->exposure->seconds) }} s,
                    f/{{ PlainText::rounded($metered->exposure->aperture, 1) }}, ISO
                    {{ PlainText::number($metered->exposure->iso) }}@if ($plan->site && $light->kind->daylightEnters()) at
                    {{ $plan->site->day->clockAndDay($metered->at) }}@endif.</small>@endif
            </x-given-edit>
            @if ($metered !== null)<x-edit :page="$page" edit="metered-out" class="is-quiet" id="metered-out">Forget what was metered</x-edit>@endif
        </div>
    </x-fold>
    @endif
</section>
