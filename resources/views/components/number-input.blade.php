@props(['pointer', 'value', 'width' => 4, 'name' => null, 'problem' => null])
@php
    $key = str_replace('/', '-', ltrim($pointer, '/'));
    $path = explode('/', ltrim($pointer, '/'));
    $name = $name ?? 'plan[' . implode('][', $path) . ']';
@endphp
<input class="plan-field" form="plan" id="f-{{ $key }}" name="{{ $name }}"
    value="{{ \App\Http\Typed::before('plan.' . implode('.', $path), $value) }}" type="text" inputmode="decimal" autocomplete="off"
    style="--width: {{ $width }}ch" aria-describedby="p-{{ $key }}" @if ($problem) aria-invalid="true" @endif>
