{{-- Pins a figure, so that it never gives way. --}}
@props(['figure', 'what', 'held'])
@php
    $says = [
        'pinned' => 'pinned: never gives way', 'typed' => 'typed: gives way last', 'free' => 'not typed: gives way first',
        'follows' => 'follows from the other two',
    ];
@endphp
<button type="button" class="pin" data-figure="{{ $figure }}" aria-pressed="{{ $held === 'pinned' ? 'true' : 'false' }}"
    title="{{ ucfirst($what) }}, {{ $says[$held] }}"
    @foreach ($says as $as => $text) data-{{ $as }}="{{ ucfirst($what) }}, {{ $text }}" @endforeach
    @click="pin('{{ $figure }}')"><span class="pin-in"><x-icon name="pin" /></span><span class="pin-out"><x-icon name="pin-off" /></span><span
        class="sr-only">Pin {{ $what }}</span></button>
