{{-- A field of the sentence that stands in another view too: what is typed in one is typed in the other. --}}
@props(['pointer', 'label', 'value', 'unit' => '', 'width' => 5])
@php $key = str_replace('/', '-', ltrim($pointer, '/')); @endphp
<x-field :id="'twin-' . $key" :label="$label" :value="$value" :unit="$unit" :width="$width . 'ch'" class="twin" :data-twin="'f-' . $key" />
