{{-- What is not ticked, in one line: a start is not held up by it. --}}
@php $left = $start->unticked(); @endphp
<p class="unticked" id="unticked" @if ($isAnew ?? false) hx-swap-oob="true" @endif>@if ($left !== [])<x-icon name="triangle-alert" /> Preflight not ticked: {{
    collect($left)->take(6)->implode(', ') }}@if (count($left) > 6), {{ count($left) - 6 }} more @endif @endif</p>
