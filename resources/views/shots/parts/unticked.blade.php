{{-- What is not ticked, in one line: a start is not held up by it. --}}
@php $left = $start->unticked(); @endphp
<p class="unticked" id="unticked" @if ($isAnew ?? false) hx-swap-oob="true" @endif>@if ($left !== [])<x-icon name="triangle-alert" /> {{
    __('shots.unticked.says', ['implode' => collect($left)->take(6)->map(Words::say(...))->implode(', ')]) }}@if (count($left) > 6){{ __('shots.unticked.more',
        ['left' => count($left) - 6]) }} @endif @endif</p>
