<x-part id="until" tag="span" class="outcome">@if ($page->endTime() !== null
    && $page->plan->timing->mode->hasClock()){{ __('shots.until.until') }} <b>{{ $settings->clock($page->endTime()) }}</b>.@endif</x-part>
