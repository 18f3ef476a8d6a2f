{{-- The answer to a change: every part that hangs on the numbers, and all messages cleared. --}}
@php
    $texts = $restructured ? $page->texts : [];
@endphp
@include('shots.parts.verdict')
@unless ($page->isPreview)
@include('shots.parts.revision')
@endunless
@unless ($looked)
<x-said :text="$notice" />
@endunless
@include('shots.parts.outcome')
@include('shots.parts.until')
@include('shots.parts.rounding')
@if ($restructured)
@include('shots.parts.intervals')
@include('shots.parts.exposures')
@include('shots.parts.fields')
@else
@include('shots.parts.ramp')
@endif
@include('shots.parts.crop')
@include('shots.parts.findings')
@include('shots.parts.figures')
@include('shots.parts.exposure-help')
@include('shots.parts.budgets')
@include('shots.parts.problems', ['plan' => $page->plan])
@include('shots.parts.data')
