@php use Evrent\Core\Messages\Quantity; $summary = $page->schedule->summary; @endphp
<x-part id="outcome" tag="span" :class="$summary->fits() ? 'outcome' : 'outcome short'">@if ($page->plan->rig->axes === [])<i
    class="on-legs" hidden></i>@endif{{ $page->plan->timing->mode->hasClock() ? __('shots.outcome.runs')
    : __('shots.outcome.alone') }} <b>{{ Quantity::duration($summary->onSiteSeconds) }}</b></x-part>
