@php use Evrent\Core\Words\PlainText; use Evrent\Core\Shot\SchoolsCompared; @endphp
<div id="schools" class="schools">
    @forelse ($schools as $one)
        @php $school = $one['school']; $fits = $one['late'] === 0; @endphp
        <section class="school" data-fits="{{ $fits && $one['out'] === 0 ? 'yes' : 'no' }}" aria-labelledby="school-{{ $school->value }}">
            <h3 id="school-{{ $school->value }}">{{ $school->label() }}</h3>
            @foreach (['exposure' => 'exposure', 'iso' => 'ISO', 'error' => 'brightness'] as $line => $name)
                <figure><figcaption>{{ $name }} <b>@switch($line)
                    @case('exposure')
                        @php [$shortest, $longest] = [PlainText::shutter($one['shortest']), PlainText::shutter($one['longest'])]; @endphp
                        {{ $shortest }}@if ($longest !== $shortest) to {{ $longest }}@endif s
                        @if ($one['narrowest'] > 1.05 * $one['widest'])f/{{ PlainText::rounded($one['widest'], 1) }} to
                        {{ PlainText::rounded($one['narrowest'], 1) }}@endif @break
                    @case('iso'){{ PlainText::number($one['lowestIso']) }}@if ($one['highestIso'] > $one['lowestIso']) to
                        {{ PlainText::number($one['highestIso']) }}@endif @break
                    @default {{ PlainText::betweenSigned($one['worst'], $one['worst'], 1, 'stop') }} at worst @endswitch</b></figcaption>
                    <svg viewBox="0 0 {{ SchoolsCompared::WIDTH }} {{ SchoolsCompared::HEIGHT }}" preserveAspectRatio="none"
                        aria-hidden="true">@if ($line === 'error')<rect class="tolerance" x="0" width="300" y="{{ $one['band'][0] }}"
                        height="{{ $one['band'][1] }}" />
                    <path class="zero" d="M0 30L300 30" />@endif<path class="line" d="{{ $one['lines'][$line] }}" /></svg></figure>
            @endforeach
            <p class="says">@if ($one['out'] > 0)<b
                class="short">{{ PlainText::photos($one['out']) . ' out by more than '
                . PlainText::stops($page->plan->thresholds->lightStops) }}</b>@endif @if ($one['late'] > 0)<b
                class="short">{{ PlainText::photos($one['late']) }} too long for the interval</b>@endif @if ($fits
                && $one['out'] === 0)<span>Every photo as bright as it should be.</span>@endif</p>
            <p class="quiet">{{ ucfirst($school->costs()) }}.</p>
            <x-edit :page="$page" edit="light-by" :with="['school' => $school->value]" :class="$school->isRamp() ? '' : 'is-quiet'"
                :id="'by-' . $school->value">Expose this way</x-edit>
        </section>
    @empty
        <p class="nothing">Describe the light, and give the shoot a place and a day and this shot a start: then the ways to follow the light stand
            here side by side.</p>
    @endforelse
</div>
