{{-- What the real camera sees, in the finder. Its script comes when somebody looks through it. --}}
@php
    $start = new App\Pages\TakeStart($page);
    $cameras = array_filter($start->cameras, is_int(...), ARRAY_FILTER_USE_KEY);
@endphp
@if ($cameras !== [])<div class="live" id="live" data-state="off" data-camera-at="{{ $page->shot->at('shots.camera') }}"
    data-live-at="{{ $page->shot->at('shots.live') }}">
    <div class="rig-line"><x-field id="live-camera" label="Camera to look through" :value="$start->usedCamera()" :options="$cameras" />
        <button type="button" class="button" data-live="connect" @click="lookThrough()">Live view</button><button type="button" class="button is-quiet"
            data-live="let-go" hidden>End live view</button>
        <p class="rig-state" id="live-state" role="status"></p></div>
    <p class="problem" id="live-problem" role="alert"></p>
    <div class="live-on tools" hidden>
        <button type="button" class="button is-quiet" data-live="level" aria-pressed="false">Level</button>
        <button type="button" class="button is-quiet" data-live="magnify" aria-pressed="false">Magnify <span class="live-times">×1</span></button>
        <button type="button" class="button is-quiet" data-live="histogram" aria-pressed="false">Histogram</button>
        <button type="button" class="button" data-live="fire"><x-icon name="camera" /><span class="text">Test photo</span></button>
        <figure class="live-histogram" hidden><svg viewBox="0 0 64 24" preserveAspectRatio="none" role="img"
            aria-label="How the brightness is spread"><path /></svg><figcaption></figcaption></figure>
        <div class="test-photos" id="live-photos"></div>
    </div>
</div>@endif
