<x-part id="until" tag="span" class="outcome">@if ($page->endTime() !== null
    && $page->plan->timing->mode->hasClock())until <b>{{ $page->endTime() }}</b>.@endif</x-part>
