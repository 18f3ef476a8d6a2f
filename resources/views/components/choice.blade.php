{{-- One value of the plan that is chosen from a few. --}}
@props(['pointer', 'label', 'value', 'options', 'shownLabel' => true])
@php
    $key = str_replace('/', '-', ltrim($pointer, '/'));
    $name = 'plan[' . implode('][', explode('/', ltrim($pointer, '/'))) . ']';
@endphp
<span class="number">
    <label for="f-{{ $key }}" @class(['sr-only' => !$shownLabel])>{{ $label }}</label>
    <span class="entry"><select class="plan-field" form="plan" id="f-{{ $key }}" name="{{ $name }}" aria-describedby="p-{{ $key }}">
        @foreach ($options as $option => $text)<option value="{{ $option }}" @selected((string) $option === $value)>{{ $text }}</option>@endforeach
    </select></span>
    <x-problem :pointer="$pointer" />
</span>
