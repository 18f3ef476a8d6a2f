{{-- Some photos on the stairs of their move, with how long each was open, how bright it came out and how much it flickers under them. --}}
@php
    $lanes = Evrent\Core\Drawings\SheetLanes::of($sheet, $from);
    $wide = $lanes->count * $lanes::ACROSS;
@endphp
<div class="stairs-part" data-from="{{ $lanes->from }}" style="--from: {{ $lanes->from }}; --count: {{ $lanes->count }}">
    <svg class="treads" viewBox="0 0 {{ $wide }} {{ $lanes::HIGH }}" preserveAspectRatio="none" aria-hidden="true"><path d="{{ $lanes->stairs }}" /></svg>
    <ol class="stairs-photos" start="{{ $lanes->from }}">@for ($number = $lanes->from; $number < $lanes->from + $lanes->count; $number++)@php
        $file = $page->file($number);
        $mark = $page->mark($number);
        $extras = $sheet->extras[$number] ?? [];
    @endphp<li tabindex="0" data-number="{{ $number }}" data-mark="{{ $mark['mark'] ?? '' }}" style="--up: {{ $sheet->up[$number - 1] }}"
        @class(['contact', 'is-missing' => $file === null]) @if ($file !== null) data-file="{{ $file }}" draggable="true" @endif>@if ($file === null)<span
        class="gap" aria-hidden="true"></span><b>{{ $number }}</b> <small>{{ __('photos.some.missing') }}</small>@else<span class="frame"><img
        src="{{ $page->picture($file) }}" loading="lazy" width="120" height="80" alt="" draggable="false"></span><a
        href="{{ $page->reading->at('photo', number: $number) }}" draggable="false"><b>{{ $number }}</b></a>
        <small title="{{ $file }}">{{ basename($file) }}</small>@endif
        <span class="mark">{{ $page->marked($number) }}</span>
        @if ($extras !== [])<small class="extra-here" title="{{ implode(', ', $extras) }}">{{ __('photos.some.extras',
            ['extras' => count($extras)]) }}</small>@endif</li>@endfor</ol>
    @if ($lanes->open . $lanes->planned !== '')<svg class="lane lane-open" viewBox="0 0 {{ $wide }} {{ $lanes::HIGH }}" preserveAspectRatio="none"
        aria-hidden="true"><path class="predicted" d="{{ $lanes->planned }}" /><path class="measured" d="{{ $lanes->open }}" /></svg>@endif
    @if ($lanes->bright . $lanes->predicted !== '')<svg class="lane" viewBox="0 0 {{ $wide }} {{ $lanes::HIGH }}" preserveAspectRatio="none"
        aria-hidden="true"><path class="predicted" d="{{ $lanes->predicted }}" /><path class="measured" d="{{ $lanes->bright }}" /></svg>@endif
    @if ($lanes->flickers !== '')<svg class="lane lane-flicker" viewBox="0 0 {{ $wide }} {{ $lanes::HIGH }}" preserveAspectRatio="none"
        aria-hidden="true"><path class="measured" d="{{ $lanes->flickers }}" /></svg>@endif
</div>
