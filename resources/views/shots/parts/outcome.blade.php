@php use Evrent\Core\Words\PlainText; $summary = $page->schedule->summary; @endphp
<x-part id="outcome" tag="span"
    :class="$summary->fits() ? 'outcome' : 'outcome short'">@if ($page->plan->timing->mode->hasClock())<b>{{ PlainText::duration($summary->onSiteSeconds) }}</b>
    on site @else<b>{{ PlainText::duration($summary->onSiteSeconds) }}</b> for the rig alone @endif</x-part>
