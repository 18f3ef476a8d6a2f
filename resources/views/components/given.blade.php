{{-- A text that goes along with an edit, or what is chosen for it. --}}
@props(['name', 'label', 'unit' => '', 'width' => 5, 'id' => null, 'mode' => 'decimal', 'options' => null, 'value' => '', 'problemId' => null])
<x-field :id="$id ?? 'given-' . $name" :label="$label" :name="'with[' . $name . ']'" :value="$value" :unit="$unit" :width="$width . 'ch'" :options="$options"
    :problem-id="$problemId ?? 'p-edit-' . $name" :problem="$errors->first('plan.edit.' . $name)" :inputmode="$options === null ? $mode : null" />
