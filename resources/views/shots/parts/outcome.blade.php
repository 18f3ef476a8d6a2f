@php use Evrent\Core\Format\PlainText; $summary = $page->schedule->summary; @endphp
<x-part id="outcome" tag="span" class="outcome" :swap="isset($swap)"><b>{{ PlainText::duration($summary->onSiteSeconds) }}</b> on site, <b>{{ PlainText::seconds($summary->clipSeconds) }}</b> of clip</x-part>
