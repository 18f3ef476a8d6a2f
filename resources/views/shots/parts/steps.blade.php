@php
    $undoes = $page->undoes();
    $redoes = $page->redoes();
@endphp
<x-part id="steps" tag="div" class="steps">
    <x-act :action="$page->shot->at('shots.undo')" icon="undo-2" class="is-quiet" id="undo" :live="$page->revision->id"
        :disabled="$undoes === null" :title="$undoes ? __('shots.steps.undo_what', ['undoes' => $undoes]) : __('shots.steps.no_undo')"><span
            class="sr-only">{{ __('common.undo') }}</span></x-act>
    <x-act :action="$page->shot->at('shots.redo')" icon="redo-2" class="is-quiet" id="redo" :live="$page->revision->id"
        :disabled="$redoes === null" :title="$redoes ? __('shots.steps.redo_what', ['redoes' => $redoes]) : __('shots.steps.no_redo')"><span
            class="sr-only">{{ __('shots.steps.redo') }}</span></x-act>
</x-part>
