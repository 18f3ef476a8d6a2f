{{-- One value of the plan that can be typed. Its message stands right below it. --}}
@props(['pointer', 'label', 'value', 'unit' => '', 'width' => 4, 'problem' => null, 'shownLabel' => false, 'name' => null, 'list' => null])
@php
    $key = str_replace('/', '-', ltrim($pointer, '/'));
    $path = str_replace('/', '.', ltrim($pointer, '/'));
@endphp
<x-field :id="'f-' . $key" :label="$label" :name="$name ?? 'plan[' . str_replace('.', '][', $path) . ']'" :unit="$unit" :width="$width . 'ch'"
    :value="\App\Http\Typed::before('plan.' . $path, $value)" :problem="$problem ?? $errors->first('plan.' . $path)"
    :around="trim($attributes->get('class', '') . ($attributes->has('data-steps') ? ' has-steps' : ''))"
    :list="$list" :shown-label="$shownLabel" class="plan-field" form="plan" inputmode="decimal" />
