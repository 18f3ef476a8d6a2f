@php
    use Evrent\Core\Drawings\BrightnessDrawing;
    use Evrent\Core\Shot\ExposureHelp;
    $brightness = BrightnessDrawing::of($page->worked->shot);
@endphp
<x-part id="exposure-help" class="figures panel of-light" aria-labelledby="exposure-help-title">
    <header class="panel-head"><h2 id="exposure-help-title">{{ __('shots.exposure_help.title') }}</h2></header>
    @if ($brightness !== null)<figure class="brightness">
        <div class="scale" aria-hidden="true">@foreach ($brightness->ticks() as [$down, $stops])<span
            style="--at: {{ $down }}%">{{ $stops }}</span>@endforeach</div>
        <svg viewBox="0 0 {{ BrightnessDrawing::WIDTH }} {{ BrightnessDrawing::HEIGHT }}" preserveAspectRatio="none" role="img"
            aria-label="{{ $brightness->told() }}">
            <path class="tolerance" d="{{ $brightness->tolerance() }}" />
            @foreach ($brightness->ticks() as [$down, $stops])<path class="zero" d="M0 {{ $down * 0.9 }}L300 {{ $down * 0.9 }}" />@endforeach
            <path class="wanted" d="{{ $brightness->wanted() }}" /><path class="line" d="{{ $brightness->predicted() }}" />
        </svg>
        <figcaption aria-hidden="true">{{ __('shots.exposure_help.stops') }} <svg viewBox="0 0 24 6"><path class="wanted" d="M0 3L24 3" /></svg>{{
            __('shots.exposure_help.wanted') }}
            <svg viewBox="0 0 24 6"><path class="line" d="M0 3L24 3" /></svg>{{ __('shots.exposure_help.predicted') }}</figcaption>
    </figure>@endif
    <dl>@foreach (ExposureHelp::told($page->worked->shot) as [$what, $much, $sum])<div><dt>{{ $what }}</dt><dd>@if ($page->hasSum($sum))<x-sum
        :page="$page" :of="$sum">{{ $much }}</x-sum>@else{{ $much }}@endif</dd></div>@endforeach</dl>
</x-part>
