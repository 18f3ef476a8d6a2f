{{-- A button that changes something: a form of its own, so that it works without script too. With `live` the page is told
     what changed, and stays. --}}
@props(['action', 'method' => 'post', 'icon' => null, 'fields' => [], 'live' => false])
<form class="act" method="post" action="{{ $action }}" @if ($live) data-live @endif>
    @csrf
    @if ($method !== 'post') @method($method) @endif
    @foreach ($fields as $name => $value)<input type="hidden" name="{{ $name }}" value="{{ $value }}">@endforeach
    @if ($live)<input class="live-revision" type="hidden" name="revision" value="{{ $live }}">@endif
    <button {{ $attributes->class('button') }}>
        @if ($icon)<x-icon :name="$icon" />@endif<span class="text">{{ $slot }}</span>
    </button>
</form>
