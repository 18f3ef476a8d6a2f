{{-- The real rig, driven from here: what is held down moves it, and what is let go of brakes. Its script comes when somebody connects it. --}}
@php
    use Evrent\Core\Motion\Move;
    $start = $start ?? new App\Pages\TakeStart($page);
    $rigs = array_filter($start->rigs(), is_int(...), ARRAY_FILTER_USE_KEY);
@endphp
<div class="rig" id="rig" data-rig-at="{{ $page->shot->at('shots.rig') }}" data-live-at="{{ $page->shot->at('shots.live') }}"
    data-state="off">
    @if ($rigs === [])<p class="quiet">{{ __('shots.rig.none') }} <a href="{{ route('kit.index') }}">{{ __('common.kit_link') }}</a> {{
        __('shots.rig.none_rest') }}</p>@else
    <div class="rig-line"><x-field id="rig-choice" :label="__('shots.rig.rig')" :value="$start->usedRig()" :options="$rigs" />
        <button type="button" class="button" data-rig="connect" @click="connectRig()">{{ __('shots.rig.connect') }}</button>
        <button type="button" class="button is-quiet" data-rig="let-go" hidden>{{ __('shots.rig.disconnect') }}</button>
        <p class="rig-state" id="rig-state" role="status"></p></div>
    <p class="problem" id="rig-problem" role="alert"></p>
    <div class="rig-on" hidden>
        <p class="caution"><x-icon name="triangle-alert" /><span>{{ __('shots.rig.caution') }}</span></p>
        <fieldset class="rig-speed"><legend class="sr-only">{{ __('shots.rig.speed') }}</legend>
            @foreach (['coarse' => __('shots.rig.coarse'), 'fine' => __('shots.rig.fine'), 'step' => __('shots.rig.step')] as $speed => $label)<label><input
                type="radio" name="rig-speed"
                value="{{ $speed }}" @checked($speed === 'coarse')> {{ $label }}</label>@endforeach</fieldset>
        <div class="rig-drive">
            <div class="rig-axes"><template x-for="(axis, index) in $store.run.axes" :key="axis.id"><div class="rig-axis" :data-rig-axis="axis.id">
                <span class="jog-name"><i class="axis-line" :data-axis="index % 3"></i><b x-text="$store.run.nameOf(axis.id)"></b></span>
                <button type="button" class="button" data-hold="-1" :aria-label="$store.run.label('scripts.bench.hold_back', axis)">◀</button>
                <span class="entry"><input type="text" inputmode="decimal" autocomplete="off" style="--width: 7ch" data-drive
                    :aria-label="$store.run.label('scripts.bench.drive', axis)"><span class="unit" x-text="axis.unit"></span></span>
                <button type="button" class="button" data-hold="1" :aria-label="$store.run.label('scripts.bench.hold_forward', axis)">▶</button>
                <button type="button" class="button is-quiet" data-swap aria-pressed="false" :aria-label="$store.run.label('scripts.bench.swap', axis)"
                    title="{{ __('shots.rig.swap') }}"><x-icon name="arrow-left-right" /></button></div></template></div>
            <div class="rig-stick" x-show="$store.run.axes.length > 1"><div class="stick" role="img" tabindex="-1"
                aria-label="{{ __('shots.rig.stick') }}"><i></i></div>
                <p class="quiet stick-axes"></p></div>
        </div>
        <div class="rig-acts">
            <button type="button" class="button" data-rig="home">{{ __('shots.rig.home') }}</button>
            @foreach ($page->plan->move->keyframes as $k => $keyframe)@if ($k < 8)<button type="button" class="button is-quiet" data-rig="keyframe"
                data-keyframe="{{ $k }}">{{ __('shots.rig.drive', ['peg' => Move::peg($k)]) }}</button>@endif @endforeach
            <button type="button" class="button is-quiet" data-rig="photo">{{ __('shots.rig.drive_photo') }} <span x-text="$store.run.photo"></span></button>
            <label><input type="checkbox" data-rig-follow> {{ __('shots.rig.follow') }}</label>
        </div>
        <div class="rig-acts">
            <x-field id="rig-seconds" :label="__('shots.rig.whole')" value="30 s" width="7ch" :placeholder="__('shots.rig.planned')" />
            <button type="button" class="button" data-rig="pass">{{ __('shots.rig.run') }}</button>
            <button type="button" class="button" data-rig="back">{{ __('shots.rig.back') }}</button>
            <button type="button" class="button" data-rig="loop">{{ __('shots.rig.loop') }}</button>
            <button type="button" class="button" data-rig="test">{{ __('shots.rig.photos') }}</button>
            <small class="quiet">{{ __('shots.rig.says') }}</small>
        </div>
        <div class="test-photos" id="rig-tested"></div>
    </div>@endif
</div>
