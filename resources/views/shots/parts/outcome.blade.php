@php use Evrent\Core\Words\PlainText; $summary = $page->schedule->summary; @endphp
<x-part id="outcome" tag="span" :class="$summary->fits() ? 'outcome' : 'outcome short'">{{ $page->plan->timing->mode->hasClock() ? 'it runs'
    : 'the rig alone takes' }} <b>{{ PlainText::duration($summary->onSiteSeconds) }}</b></x-part>
