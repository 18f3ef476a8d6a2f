{{-- What the real camera sees, in the finder. Its script comes when somebody looks through it. --}}
@php
    $start = $start ?? new App\Pages\TakeStart($page);
    $cameras = array_filter($start->cameras(), is_int(...), ARRAY_FILTER_USE_KEY);
@endphp
@if ($cameras !== [])<div class="live" id="live" data-state="off" data-camera-at="{{ $page->shot->at('shots.camera') }}"
    data-live-at="{{ $page->shot->at('shots.live') }}">
    <div class="rig-line"><x-field id="live-camera" :label="__('shots.live.camera')" :value="$start->usedCamera()" :options="$cameras" />
        <button type="button" class="button" data-live="connect" @click="lookThrough()">{{ __('shots.live.start') }}</button><button type="button"
            class="button is-quiet"
            data-live="let-go" hidden>{{ __('shots.live.end') }}</button>
        <p class="rig-state" id="live-state" role="status"></p></div>
    <p class="problem" id="live-problem" role="alert"></p>
    <div class="live-on tools" hidden>
        <button type="button" class="button is-quiet" data-live="level" aria-pressed="false">{{ __('shots.live.level') }}</button>
        <button type="button" class="button is-quiet" data-live="magnify" aria-pressed="false">{{ __('shots.live.magnify') }} <span
            class="live-times">×1</span></button>
        <button type="button" class="button is-quiet" data-live="histogram" aria-pressed="false">{{ __('shots.live.histogram') }}</button>
        <button type="button" class="button" data-live="fire"><x-icon name="camera" /><span class="text">{{ __('shots.live.test') }}</span></button>
        <figure class="live-histogram" hidden><svg viewBox="0 0 64 24" preserveAspectRatio="none" role="img"
            aria-label="{{ __('shots.live.spread') }}"><path /></svg><figcaption></figcaption></figure>
        <div class="test-photos" id="live-photos"></div>
    </div>
</div>@endif
