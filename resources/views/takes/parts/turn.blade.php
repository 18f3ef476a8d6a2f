{{-- What somebody turns at the camera next, read from a step away. --}}
@php use Evrent\Core\Words\PlainText; $turn = $now['turn'] ?? null; @endphp
@if ($turn !== null && ($now['contradictions'] ?? []) === [] && !$take->isOver())<section class="room-turn" data-turn="{{ $turn['key'] }}"
    data-due="{{ isset($turn['in']) || ($now['next'] ?? 1) <= $turn['after'] ? 'no' : 'yes' }}" role="status" aria-label="Next turn">
    <p><span>{{ isset($turn['in']) ? 'In ' . PlainText::duration($turn['in']) . ', after' : (($now['next'] ?? 1) > $turn['after'] ? 'Now, after' : 'After') }}
        photo {{ number_format($turn['after']) }}</span> <b>{{ $turn['says'] }}</b></p>
    <form method="post" action="{{ $take->at('takes.order') }}" hx-post="{{ $take->at('takes.order') }}" hx-swap="none">@csrf
        <input type="hidden" name="order" value="turned"><input type="hidden" name="about" value="{{ $turn['key'] }}">
        <button class="button is-strong is-large" data-key="d"><x-icon name="check" /><span class="text">Done</span> <kbd>D</kbd></button></form>
</section>@endif
