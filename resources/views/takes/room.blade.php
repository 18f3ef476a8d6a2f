@php
    use Evrent\Core\Run\Take\Status;
    use Evrent\Core\Timing\Mode;
@endphp
<x-layout :words="['room']" is-of-takes :title="__('takes.room.title', ['title' => $plan->title])"
    :crumbs="[...$take->crumbs(), __('takes.room.crumb') => null]">
    <div class="page room" data-room data-take="{{ $take->id }}">
        <h1 class="sr-only">{{ __('takes.room.title', ['title' => $plan->title]) }}</h1>
        <p class="room-link" data-link role="status" hidden></p>
        @if ($take->status === Status::Interrupted)@include('takes.parts.interrupted')@else
        <div class="room-top">@include('takes.parts.now')
            <figure class="room-picture" data-picture-at="{{ $take->at('takes.picture') }}" hidden><span><img alt="{{ __('takes.room.latest') }}" width="160"
                height="107"></span><figcaption></figcaption></figure></div>
        @include('takes.parts.trace')
        <div class="room-acts" id="room-acts">
            @foreach (array_filter([
                ['snap', 'camera', __('takes.room.take'), 'S', $plan->timing->mode === Mode::StopMotion],
                ['step_back', 'step-back', __('takes.room.again'), 'B', $plan->timing->mode === Mode::StopMotion],
                ['pause', 'pause', __('takes.room.pause'), 'P', true], ['go_on', 'play', __('takes.room.resume'), 'G', true],
                ['mark', 'flag', __('takes.room.flag'), 'M', true],
                ['finish', 'check', __('takes.room.end'), 'F', true], ['abort', 'octagon-x', __('takes.room.abort'), 'X', true],
            ], fn ($act) => $act[4]) as [$order, $icon, $label, $key])
                <form method="post" action="{{ $take->at('takes.order') }}" hx-post="{{ $take->at('takes.order') }}" hx-swap="none" data-order="{{ $order }}"
                    @if (in_array($order, ['finish', 'abort'], true)) data-sure="{{ $order === 'finish' ? __('takes.room.end_ask')
                        : __('takes.room.abort_ask') }}" @endif>@csrf
                    <input type="hidden" name="order" value="{{ $order }}">
                    @if ($order === 'mark')<input type="hidden" name="photo" value="{{ $take->now['latest'] ?? 1 }}">@endif
                    @if ($order === 'step_back')<x-field id="room-back" :label="__('takes.room.reshoot')" name="photos" value="1" width="3ch"
                        inputmode="numeric"
                        :shownLabel="false" />@endif
                    <button @class(['button is-large', 'is-danger' => $order === 'abort']) data-key="{{ strtolower($key) }}"><x-icon :name="$icon" /><span
                        class="text">{{ $label }}</span> <kbd>{{ $key }}</kbd></button></form>
            @endforeach
            <button type="button" class="button is-large is-quiet" data-lock hidden><x-icon name="lock" /><span class="text">{{
                __('takes.room.lock') }}</span></button>
        </div>
        <p class="room-sounds"><label><input type="checkbox" data-sound="turn"> {{ __('takes.room.sound') }}</label>
            <label><input type="checkbox" data-sound="tick"> {{ __('takes.room.tick') }}</label></p>
        <p class="quiet">{{ __('takes.room.says') }}</p>
        @endif
    </div>
</x-layout>
