{{-- A button that changes something: a form of its own, so that it works without script too. --}}
@props(['action', 'method' => 'post', 'icon' => null, 'fields' => []])
<form class="act" method="post" action="{{ $action }}" {{ $attributes->only(['hx-boost', 'hx-target', 'hx-select', 'hx-swap', 'hx-push-url', 'data-once']) }}>
    @csrf
    @if ($method !== 'post') @method($method) @endif
    @foreach ($fields as $name => $value)<input type="hidden" name="{{ $name }}" value="{{ $value }}">@endforeach
    <button {{ $attributes->except(['hx-boost', 'hx-target', 'hx-select', 'hx-swap', 'hx-push-url', 'data-once'])->class('button') }}>
        @if ($icon)<x-icon :name="$icon" />@endif<span class="text">{{ $slot }}</span>
    </button>
</form>
