{{-- A button that makes one named edit of the shot's plan. --}}
@props(['page', 'edit', 'with' => [], 'icon' => null])
@php
    $fields = ['edit' => $edit];
    foreach ($with as $name => $value) {
        $fields["with[{$name}]"] = $value;
    }
@endphp
<x-act :action="route('shots.edits.store', $page->shot)" :fields="$fields" :live="$page->revision->id" :icon="$icon" {{ $attributes }}>{{ $slot }}</x-act>
