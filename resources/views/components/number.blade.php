{{-- One value of the plan that can be typed. Its message stands right below it. --}}
@props(['pointer', 'label', 'value', 'unit' => '', 'width' => 4, 'problem' => null, 'shownLabel' => false, 'name' => null])
@php
    $key = str_replace('/', '-', ltrim($pointer, '/'));
    $problem = $problem ?? $errors->first('plan' . str_replace('/', '.', $pointer)) ?: null;
@endphp
<span {{ $attributes->class('number') }}>
    <label for="f-{{ $key }}" @class(['sr-only' => !$shownLabel])>{{ $label }}</label>
    <span class="entry">
        <x-number-input :pointer="$pointer" :value="$value" :width="$width" :name="$name" :problem="$problem" />
        @if ($unit !== '')<span class="unit" aria-hidden="true">{{ $unit }}</span>@endif
    </span>
    <x-problem :pointer="$pointer" :message="$problem" />
</span>
