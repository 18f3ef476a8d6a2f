{{-- All photos in one strip; what is in the clip lies between two stakes, and bars above it go faster or slower. Stakes and bars are dragged. --}}
@php $strip = $page->strip(); @endphp
<div class="clip-strip" data-strip data-photos="{{ $strip->photos }}">
    <div class="strip-spans">@foreach ($strip->spans as $n => $span)<span class="strip-span" data-drag="span" data-n="{{ $n }}"
        style="left: {{ $span['from'] }}%; width: {{ $span['width'] }}%; --ramp: {{ $span['ramp'] }}%"><i data-drag="from" data-n="{{ $n }}"></i><b>{{
        Evrent\Core\Messages\Quantity::rounded($page->clip->speeds[$n]->factor, 2) }} ×</b><i data-drag="to" data-n="{{ $n }}"></i></span>@endforeach</div>
    <div class="strip-photos">@foreach ($strip->pictures as $number)<span class="frame">@if ($page->picture($number))<img src="{{ $page->picture($number) }}"
        alt="" width="120" height="80" loading="lazy" draggable="false">@else<span class="no-photo">{{ $number }}</span>@endif</span>@endforeach
        @foreach ($strip->holes as [$at, $wide])<span class="strip-hole" style="left: {{ $at }}%; width: {{ $wide }}%"></span>@endforeach
        <span class="strip-out" style="left: 0; width: {{ $strip->in }}%"></span><span class="strip-out" style="left: {{ $strip->out }}%; right: 0"></span>
        <span class="strip-stake" data-drag="in" style="left: {{ $strip->in }}%" title="{{ __('clip.strip.in') }}"></span>
        <span class="strip-stake is-last" data-drag="out" style="left: {{ $strip->out }}%" title="{{ __('clip.strip.out') }}"></span></div>
    <output class="strip-says" aria-hidden="true"></output>
</div>
