@php use Evrent\Core\Messages\Quantity; use Evrent\Core\Shot\SchoolsCompared; @endphp
<div id="schools" class="schools">
    @forelse ($schools as $one)
        @php $school = $one['school']; $fits = $one['late'] === 0; @endphp
        <section class="school" data-fits="{{ $fits && $one['out'] === 0 ? 'yes' : 'no' }}" aria-labelledby="school-{{ $school->value }}">
            <h3 id="school-{{ $school->value }}">{{ $school->label() }}</h3>
            @foreach (['exposure', 'iso', 'error'] as $line)
                <figure><figcaption>{{ __("shots.schools.line_{$line}") }} <b>@switch($line)
                    @case('exposure')
                        @php [$shortest, $longest] = [Words::say(Quantity::shutter($one['shortest'])), Words::say(Quantity::shutter($one['longest']))]; @endphp
                        {{ $shortest }}@if ($longest !== $shortest) {{ __('shots.schools.to', ['longest' => $longest]) }}@endif {{ __('common.seconds_unit') }}
                        @if ($one['narrowest'] > 1.05 * $one['widest']){{ __('shots.schools.aperture', ['widest' => Quantity::rounded($one['widest'], 1),
                            'narrowest' => Quantity::rounded($one['narrowest'], 1)]) }}@endif @break
                    @case('iso'){{ Quantity::number($one['lowestIso']) }}@if ($one['highestIso'] > $one['lowestIso']) {{ __('shots.schools.to_iso',
                        ['highestIso' => Quantity::number($one['highestIso'])]) }}@endif @break
                    @default {{ __('shots.schools.worst', ['worst' => Quantity::betweenSigned($one['worst'], $one['worst'], 1,
                        'stop')]) }} @endswitch</b></figcaption>
                    <svg viewBox="0 0 {{ SchoolsCompared::WIDTH }} {{ SchoolsCompared::HEIGHT }}" preserveAspectRatio="none"
                        aria-hidden="true">@if ($line === 'error')<rect class="tolerance" x="0" width="300" y="{{ $one['band'][0] }}"
                        height="{{ $one['band'][1] }}" />
                    <path class="zero" d="M0 30L300 30" />@endif<path class="line" d="{{ $one['lines'][$line] }}" /></svg></figure>
            @endforeach
            <p class="says">@if ($one['out'] > 0)<b
                class="short">{{ __('shots.schools.out', ['photos' => Quantity::photos($one['out']),
                    'stops' => Quantity::stops($page->plan->thresholds->lightStops)]) }}</b>@endif @if ($one['late'] > 0)<b
                class="short">{{ __('shots.schools.too_long', ['photos' => Quantity::photos($one['late'])]) }}</b>@endif @if ($fits
                && $one['out'] === 0)<span>{{ __('shots.schools.none') }}</span>@endif</p>
            <p class="quiet">{{ Words::capital($school->costs()) }}.</p>
            <x-edit :page="$page" edit="light-by" :with="['school' => $school->value]" :class="$school->isRamp() ? '' : 'is-quiet'"
                :id="'by-' . $school->value">{{ __('shots.schools.use') }}</x-edit>
        </section>
    @empty
        <p class="nothing">{{ __('shots.schools.empty') }}</p>
    @endforelse
</div>
