{{-- The answer to a change that was saved: every part that hangs on the numbers, and all messages cleared. --}}
@php $swap = true; @endphp
@include('shots.parts.verdict')
@include('shots.parts.revision')
@include('shots.parts.outcome')
@include('shots.parts.until')
@include('shots.parts.ramp')
@include('shots.parts.interval-words')
@foreach ($rewritten as $pointer => $value)<x-number-input :pointer="$pointer" :value="$value" swap />@endforeach
@include('shots.parts.chart')
@include('shots.parts.findings')
@include('shots.parts.figures')
@include('shots.parts.schedule')
@include('shots.parts.problems', ['plan' => $page->plan, 'problems' => $problems])
