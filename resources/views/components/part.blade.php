{{-- A part of the page that is sent again by itself when the plan changes. --}}
@props(['id', 'tag' => 'section'])
<{{ $tag }} id="{{ $id }}" {{ $attributes }}>{{ $slot }}</{{ $tag }}>
