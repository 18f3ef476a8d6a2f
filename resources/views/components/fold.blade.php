{{-- What is read in one line, and opens to be changed. --}}
@props(['id', 'title', 'says' => null, 'isOpen' => false])
<details {{ $attributes->class('fold') }} id="{{ $id }}" @if ($isOpen) open @endif><summary><b>{{ $title }}</b>@if ($says) <span
    class="quiet">{{ $says }}</span>@endif</summary>{{ $slot }}</details>
