{{-- One field of a form: its label, what is typed or chosen, its unit, and right below it what is wrong with it. --}}
@props([
    'id', 'label', 'name' => null, 'value' => null, 'unit' => '', 'width' => null, 'type' => 'text', 'options' => null, 'problem' => '', 'problemId' => null,
    'isText' => false, 'shownLabel' => true, 'around' => '',
])
@php
    $problemId = $problemId ?? 'p-' . preg_replace('/^f-/', '', $id);
    $value = $value ?? \App\Http\Typed::before((string) $name);
    $value = $type === 'text' && $options === null && !$isText && $name !== 'name' ? \App\Http\Typed::shown((string) $value) : $value;
    $own = $attributes->merge(['id' => $id, 'name' => $name, 'aria-describedby' => $problemId] + ($problem ? ['aria-invalid' => 'true'] : []));
@endphp
<span @class(['number', $around])><label for="{{ $id }}" @class(['sr-only' => !$shownLabel])>{{ $label }}</label>
    @if ($type === 'file')<input {{ $own }} type="file">
    @elseif ($type === 'textarea')<textarea {{ $own }} rows="3">{{ $value }}</textarea>
    @else<span @class(['entry', 'is-text' => $isText])>@if ($options !== null)<select {{ $own }}>@foreach ($options as $option => $text)
        @if (is_array($text))<optgroup label="{{ $option }}">@foreach ($text as $inner => $one)<option value="{{ $inner }}"
            @selected((string) $inner === (string) $value)>{{ $one }}</option>@endforeach</optgroup>
        @else<option value="{{ $option }}" @selected((string) $option === (string) $value)>{{ $text }}</option>@endif @endforeach</select>
        @else<input {{ $own->merge(['autocomplete' => 'off']) }} type="{{ $type }}" value="{{ $value }}" @if ($width)
            style="--width: {{ $width }}" @endif>@endif
        @if ($unit !== '')<span @class(['unit', 'is-close' => $unit === '°']) aria-hidden="true">{{ $unit }}</span>@endif</span>@endif
    <span class="problem" id="{{ $problemId }}">{!! collect((array) $problem)->filter()->map(e(...))->implode('<br>') !!}</span></span>
