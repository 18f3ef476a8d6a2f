<x-part id="until" tag="span" class="outcome">@if ($page->endTime() !== null)until <b>{{ $page->endTime() }}</b>.@endif</x-part>
