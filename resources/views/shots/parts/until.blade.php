<x-part id="until" tag="span" class="outcome" :swap="isset($swap)">@if ($page->endTime() !== null)and it ends at <b>{{ $page->endTime() }}</b>.@else before the first.@endif</x-part>
