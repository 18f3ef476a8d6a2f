{{-- A button that makes one named edit of the shot's plan. --}}
@props(['page', 'edit', 'with' => [], 'icon' => null])
@php
    $fields = ['edit' => $edit] + collect($with)->mapWithKeys(fn ($value, $name) => ["with[{$name}]" => $value])->all();
@endphp
<x-act :action="$page->shot->at('shots.edits.store')" :fields="$fields" :live="$page->revision->id" :icon="$icon" {{ $attributes }}>{{ $slot }}</x-act>
