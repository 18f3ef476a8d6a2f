@php use Evrent\Core\Timing\Mode; @endphp
<x-layout is-of-takes :title="'Shooting ' . $plan->title"
    :crumbs="[...$take->crumbs(), 'Run room' => null]">
    <div class="page room" data-room data-take="{{ $take->id }}">
        <h1 class="sr-only">Shooting {{ $plan->title }}</h1>
        <p class="room-link" data-link role="status" hidden></p>
        @if ($take->status === App\Models\Take::INTERRUPTED)@include('takes.parts.interrupted')@else
        <div class="room-top">@include('takes.parts.now')
            <figure class="room-picture" data-picture-at="{{ $take->at('takes.picture') }}" hidden><span><img alt="The latest photo as it came out" width="160"
                height="107"></span><figcaption></figcaption></figure></div>
        @include('takes.parts.trace')
        <div class="room-acts" id="room-acts">
            @foreach (array_filter([
                ['snap', 'camera', 'Take photo', 'S', $plan->timing->mode === Mode::StopMotion],
                ['step_back', 'step-back', 'Re-shoot last', 'B', $plan->timing->mode === Mode::StopMotion],
                ['pause', 'pause', 'Pause', 'P', true], ['go_on', 'play', 'Go on', 'G', true],
                ['mark', 'flag', 'Mark spoilt', 'M', true], ['finish', 'check', 'Finish early', 'F', true], ['abort', 'octagon-x', 'Abort', 'X', true],
            ], fn ($act) => $act[4]) as [$order, $icon, $label, $key])
                <form method="post" action="{{ $take->at('takes.order') }}" hx-post="{{ $take->at('takes.order') }}" hx-swap="none" data-order="{{ $order }}"
                    @if (in_array($order, ['finish', 'abort'], true)) data-sure="{{ $order === 'finish' ? 'End the move here, take the tail and stop?'
                        : 'Stop at once, wherever the rig is?' }}" @endif>@csrf
                    <input type="hidden" name="order" value="{{ $order }}">
                    @if ($order === 'mark')<input type="hidden" name="photo" value="{{ $take->now['latest'] ?? 1 }}">@endif
                    @if ($order === 'step_back')<x-field id="room-back" label="Photos to shoot again" name="photos" value="1" width="3ch" inputmode="numeric"
                        :shownLabel="false" />@endif
                    <button @class(['button is-large', 'is-danger' => $order === 'abort']) data-key="{{ strtolower($key) }}"><x-icon :name="$icon" /><span
                        class="text">{{ $label }}</span> <kbd>{{ $key }}</kbd></button></form>
            @endforeach
            <button type="button" class="button is-large is-quiet" data-lock hidden><x-icon name="lock" /><span class="text">Lock screen</span></button>
        </div>
        <p class="room-sounds"><label><input type="checkbox" data-sound="turn"> Sound when something is to be turned</label>
            <label><input type="checkbox" data-sound="tick"> Quiet tick for each photo confirmed</label></p>
        <p class="quiet">Leaving this page, or losing it, never touches the run. It is the same on a second device.</p>
        @endif
    </div>
</x-layout>
