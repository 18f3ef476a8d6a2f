@php use Evrent\Core\Timing\IntervalMeaning; @endphp
<x-part id="interval-words" tag="span">{{ $page->plan->timing->intervalMeans === IntervalMeaning::Gap ? 'gap of' : 'one every' }}</x-part>
