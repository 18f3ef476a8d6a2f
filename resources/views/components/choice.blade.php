{{-- One value of the plan that is chosen from a few. --}}
@props(['pointer', 'label', 'value', 'options', 'shownLabel' => true])
@php
    $key = str_replace('/', '-', ltrim($pointer, '/'));
    $name = 'plan[' . implode('][', explode('/', ltrim($pointer, '/'))) . ']';
@endphp
<x-field :id="'f-' . $key" :label="$label" :name="$name" :value="$value" :options="$options" :shown-label="$shownLabel" class="plan-field" form="plan" />
