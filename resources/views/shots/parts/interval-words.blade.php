@php use Evrent\Core\Timing\IntervalMeaning; @endphp
<x-part id="interval-words" tag="span" :swap="isset($swap)">after, {{ $page->plan->timing->intervalMeans === IntervalMeaning::Gap ? 'with a gap of' : 'one every' }}</x-part>
