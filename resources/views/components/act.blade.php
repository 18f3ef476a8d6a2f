{{-- A button that changes something: a form of its own, so that it works without script too. --}}
@props(['action', 'method' => 'post', 'icon' => null, 'fields' => [], 'revision' => null])
<form class="act" method="post" action="{{ $action }}" {{ $attributes->only(['hx-boost', 'hx-target', 'hx-select', 'hx-swap', 'hx-push-url']) }}>
    @csrf
    @if ($method !== 'post') @method($method) @endif
    @foreach ($fields as $name => $value)<input type="hidden" name="{{ $name }}" value="{{ $value }}">@endforeach
    {{-- Kept at the revision that the page shows, also where this part of the page is not drawn again. --}}
    @if ($revision)<input class="live-revision" type="hidden" name="revision" value="{{ $revision }}">@endif
    <button {{ $attributes->except(['hx-boost', 'hx-target', 'hx-select', 'hx-swap', 'hx-push-url'])->class('button') }}>
        @if ($icon)<x-icon :name="$icon" />@endif<span class="text">{{ $slot }}</span>
    </button>
</form>
