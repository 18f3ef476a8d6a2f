{{-- What somebody turns at the camera next, read from a step away. --}}
@php use Evrent\Core\Messages\Quantity; $turn = $now['turn'] ?? null; @endphp
@if ($turn !== null && ($now['contradictions'] ?? []) === [] && !$take->isOver())<section class="room-turn" data-turn="{{ $turn['key'] }}"
    data-due="{{ isset($turn['in']) || ($now['next'] ?? 1) <= $turn['after'] ? 'no' : 'yes' }}" role="status" aria-label="{{ __('takes.turn.title') }}">
    <p><span>{{ __('takes.turn.cue', ['part' => isset($turn['in']) ? __('takes.turn.in',
        ['in' => Quantity::duration($turn['in'])]) : (($now['next'] ?? 1) > $turn['after'] ? __('takes.turn.now') : __('takes.turn.after')),
            'after' => $turn['after']]) }}</span> <b>{{ $turn['says'] }}</b></p>
    <form method="post" action="{{ $take->at('takes.order') }}" hx-post="{{ $take->at('takes.order') }}" hx-swap="none">@csrf
        <input type="hidden" name="order" value="turned"><input type="hidden" name="about" value="{{ $turn['key'] }}">
        <button class="button is-strong is-large" data-key="d"><x-icon name="check" /><span class="text">{{
            __('takes.turn.done') }}</span> <kbd>D</kbd></button></form>
</section>@endif
