{{-- A part of the page that is sent again by itself when the plan changes. --}}
@props(['id', 'swap' => false, 'tag' => 'section'])
<{{ $tag }} id="{{ $id }}" {{ $attributes }} @if ($swap) hx-swap-oob="true" @endif>{{ $slot }}</{{ $tag }}>
