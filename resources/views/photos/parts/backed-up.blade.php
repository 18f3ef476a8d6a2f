{{-- Whether a copy of the photos was checked; until one was, that is told. --}}
@php $check = $reading->lastCopy(); @endphp
@if ($check?->isGood())<p class="good backed-up"><x-icon name="check" /> Backed up: {{ $check->folder }} was checked byte by byte on {{
    $settings->moment($check->ended_at) }}.</p>
@else<p class="short backed-up"><x-icon name="triangle-alert" /> Not backed up: no copy of these photos was checked yet. <span class="quiet">L6</span>
    <a href="{{ $reading->shot->at('photos.index') }}#copy">Check a copy</a></p>@endif
