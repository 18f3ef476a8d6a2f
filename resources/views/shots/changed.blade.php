{{-- The answer to a change: every part that hangs on the numbers, and all messages cleared. --}}
@php
    $texts = $restructured ? $page->texts : [];
@endphp
@include('shots.parts.verdict')
@include('shots.parts.ribbon')
@include('shots.parts.tabs')
@include('shots.parts.steps')
@unless ($page->isPreview)
@include('shots.parts.revision')
@endunless
@unless ($looked)
<x-said :text="$notice" />
@endunless
@include('shots.parts.outcome')
@include('shots.parts.until')
@include('shots.parts.by-day')
@include('shots.parts.rounding')
@if ($restructured)
@include('shots.parts.intervals')
@include('shots.parts.exposures')
@foreach (['frame', 'time', 'light', 'pack'] as $name)
@include('shots.parts.fields-of', ['name' => $name])
@endforeach
@include('shots.parts.before-start')
@else
@include('shots.parts.ramp')
@endif
@include('shots.parts.crop')
@include('shots.parts.focus')
@include('shots.parts.cue-card')
@include('shots.parts.in-the-dark')
@unless ($looked)
@include('shots.parts.ticks', ['start' => new App\Pages\TakeStart($page)])
@endunless
@include('shots.parts.film-told')
@include('shots.parts.start-more')
@include('shots.parts.pass-told')
@include('shots.parts.findings')
@include('shots.parts.found-beside')
@unless ($looked)
@include('shots.parts.last-changes')
@endunless
@include('shots.parts.figures')
@include('shots.parts.exposure-help')
@include('shots.parts.budgets')
@include('shots.parts.problems', ['plan' => $page->plan])
@include('shots.parts.data')
