{{-- Pins a figure, so that it never gives way. What the pin means is written by script, as its title. --}}
@props(['figure', 'what', 'held'])
<button type="button" class="pin" data-figure="{{ $figure }}" aria-pressed="{{ $held === 'pinned' ? 'true' : 'false' }}"
    @click="pin('{{ $figure }}')"><span class="pin-in"><x-icon name="pin" /></span><span class="pin-out"><x-icon name="pin-off" /></span><span
        class="sr-only">{{ __('components.pin.pin', ['what' => $what]) }}</span></button>
