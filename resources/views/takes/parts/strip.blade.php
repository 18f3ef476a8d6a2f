{{-- Every photo of a take as a line of colours: what became of it. --}}
<svg class="take-strip" viewBox="0 0 {{ $report->state->schedule->photosTotal() }} 10" preserveAspectRatio="none" role="img" aria-label="{{
    __('takes.strip.good', ['goodPhotos' => $report->goodPhotos(),
        'photosTotal' => $report->state->schedule->photosTotal()]) }}">@foreach ($report->strip() as [$from, $to, $state])<rect
    data-state="{{ $state }}" x="{{ $from - 1 }}" y="0" width="{{ $to - $from + 1 }}" height="10" />@endforeach</svg>
