@php
    $undoes = $page->undoes();
    $redoes = $page->redoes();
@endphp
<x-part id="steps" tag="div" class="steps">
    <x-act :action="$page->shot->at('shots.undo')" icon="undo-2" class="is-quiet" id="undo" :live="$page->revision->id"
        :disabled="$undoes === null" :title="$undoes ? 'Undo: ' . $undoes : 'Nothing to undo'"><span class="sr-only">Undo</span></x-act>
    <x-act :action="$page->shot->at('shots.redo')" icon="redo-2" class="is-quiet" id="redo" :live="$page->revision->id"
        :disabled="$redoes === null" :title="$redoes ? 'Do again: ' . $redoes : 'Nothing to do again'"><span class="sr-only">Redo</span></x-act>
</x-part>
