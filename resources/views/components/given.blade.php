{{-- A text that goes along with an edit. --}}
@props(['name', 'label', 'unit' => '', 'width' => 5, 'id' => null, 'mode' => 'decimal'])
@php $id ??= "given-{$name}"; @endphp
<span class="number">
    <label for="{{ $id }}">{{ $label }}</label>
    <span class="entry"><input id="{{ $id }}" name="with[{{ $name }}]" type="text" inputmode="{{ $mode }}" autocomplete="off"
        style="--width: {{ $width }}ch" aria-describedby="p-edit-{{ $name }}">
        @if ($unit !== '')<span class="unit" aria-hidden="true">{{ $unit }}</span>@endif</span>
    <x-problem :pointer="'/edit/' . $name" :message="$errors->first('plan.edit.' . $name) ?: null" />
</span>
