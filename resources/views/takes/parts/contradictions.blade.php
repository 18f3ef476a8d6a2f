{{-- What the devices tell against the plan: the first photo waits for an answer to each. --}}
@php $open = (array) ($now['contradictions'] ?? []); $settable = array_filter($open, fn ($one) => isset($one['set'])); @endphp
@if ($open !== [] && !$take->isOver())<section class="room-held" role="alert" aria-labelledby="held-title">
    <h2 id="held-title">{{ __('takes.contradictions.hold', ['x' => __('takes.contradictions.conflicts', ['count' => count($open)])]) }}</h2>
    @if (count($settable) > 1)<form method="post" action="{{ $take->at('takes.order') }}" hx-post="{{ $take->at('takes.order') }}" hx-swap="none">@csrf
        <input type="hidden" name="order" value="set_it"><button class="button is-strong is-large">{{ __('takes.contradictions.set_all',
            ['settable' => count($settable)]) }}</button></form>@endif
    <ul>@foreach ($open as $one)<li id="held-{{ Str::slug($one['about']) }}"><p>{{ $one['says'] }}</p>
        @if (isset($one['set']))<form method="post" action="{{ $take->at('takes.order') }}" hx-post="{{ $take->at('takes.order') }}" hx-swap="none">@csrf
            <input type="hidden" name="order" value="set_it"><input type="hidden" name="about" value="{{ $one['about'] }}">
            <button class="button is-strong">{{ $one['set'] }}</button></form>@endif
        @if (!($one['refused'] ?? false))<form class="as-is" method="post" action="{{ $take->at('takes.order') }}" hx-post="{{ $take->at('takes.order') }}"
            hx-swap="none">@csrf
            <input type="hidden" name="order" value="as_is"><input type="hidden" name="about" value="{{ $one['about'] }}">
            <x-field :id="'because-' . Str::slug($one['about'])" :label="__('takes.contradictions.why')" name="why" width="18ch" is-text required
                :problem="$errors->first('order.why')" />
            <button class="button">{{ __('takes.contradictions.as_is') }}</button></form>@endif</li>@endforeach</ul>
</section>@endif
