{{-- One value of the plan that can be typed. Its message stands right below it. --}}
@props(['pointer', 'label', 'value', 'unit' => '', 'width' => 4, 'problem' => null, 'shownLabel' => false, 'name' => null])
@php
    $key = str_replace('/', '-', ltrim($pointer, '/'));
    $path = explode('/', ltrim($pointer, '/'));
    $name ??= 'plan[' . implode('][', $path) . ']';
    $dotted = 'plan.' . implode('.', $path);
    $problem ??= $errors->first($dotted) ?: null;
@endphp
<span {{ $attributes->class('number') }}>
    <label for="f-{{ $key }}" @class(['sr-only' => !$shownLabel])>{{ $label }}</label>
    <span class="entry">
        <input class="plan-field" form="plan" id="f-{{ $key }}" name="{{ $name }}" value="{{ \App\Http\Typed::before($dotted, $value) }}" type="text" inputmode="decimal" autocomplete="off"
            style="--width: {{ $width }}ch" aria-describedby="p-{{ $key }}" @if ($problem) aria-invalid="true" @endif>
        @if ($unit !== '')<span class="unit" aria-hidden="true">{{ $unit }}</span>@endif
    </span>
    <x-problem :pointer="$pointer" :message="$problem" />
</span>
