{{-- Holds a figure; the one of three that is not held follows from the other two. --}}
@props(['figure', 'what', 'follows'])
<button type="button" class="pin" data-figure="{{ $figure }}" aria-pressed="{{ $follows === $figure ? 'false' : 'true' }}"
    title="{{ ucfirst($what) }}: held, or follows from the other two"
    @click="pin('{{ $figure }}')"><span class="pin-in"><x-icon name="pin" /></span><span class="pin-out"><x-icon name="pin-off" /></span><span
        class="sr-only">Hold {{ $what }}</span></button>
