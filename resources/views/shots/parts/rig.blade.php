{{-- The real rig, driven from here: what is held down moves it, and what is let go of brakes. Its script comes when somebody connects it. --}}
@php
    use Evrent\Core\Motion\Move;
    $start = new App\Pages\TakeStart($page);
    $rigs = array_filter($start->rigs, is_int(...), ARRAY_FILTER_USE_KEY);
@endphp
<div class="rig" id="rig" data-rig-at="{{ $page->shot->at('shots.rig') }}" data-live-at="{{ $page->shot->at('shots.live') }}"
    data-state="off">
    @if ($rigs === [])<p class="quiet">No rig of the <a href="{{ route('kit.index') }}">kit</a> says where it is reached: none can be driven from here.</p>@else
    <div class="rig-line"><x-field id="rig-choice" label="Rig to drive" :value="$start->usedRig()" :options="$rigs" />
        <button type="button" class="button" data-rig="connect" @click="connectRig()">Connect</button>
        <button type="button" class="button is-quiet" data-rig="let-go" hidden>Disconnect</button>
        <p class="rig-state" id="rig-state" role="status"></p></div>
    <p class="problem" id="rig-problem" role="alert"></p>
    <div class="rig-on" hidden>
        <p class="caution"><x-icon name="triangle-alert" /><span>Keep hands clear before the rig moves. See that nothing lies in its way, and that it is tied
            down where it could fall. It brakes when you let go.</span></p>
        <fieldset class="rig-speed"><legend class="sr-only">How fast</legend>
            @foreach (['coarse' => 'Coarse', 'fine' => 'Fine', 'step' => 'One motor step'] as $speed => $label)<label><input type="radio" name="rig-speed"
                value="{{ $speed }}" @checked($speed === 'coarse')> {{ $label }}</label>@endforeach</fieldset>
        <div class="rig-drive">
            <div class="rig-axes"><template x-for="(axis, index) in $store.run.axes" :key="axis.id"><div class="rig-axis" :data-rig-axis="axis.id">
                <span class="jog-name"><i class="axis-line" :data-axis="index % 3"></i><b x-text="axis.id"></b></span>
                <button type="button" class="button" data-hold="-1" :aria-label="axis.id + ' back, while held'">◀</button>
                <span class="entry"><input type="text" inputmode="decimal" autocomplete="off" style="--width: 7ch" data-drive
                    :aria-label="axis.id + ' of the rig: drive to'"><span class="unit" x-text="axis.unit"></span></span>
                <button type="button" class="button" data-hold="1" :aria-label="axis.id + ' forward, while held'">▶</button>
                <button type="button" class="button is-quiet" data-swap aria-pressed="false" :aria-label="'Swap the directions of ' + axis.id"
                    title="Swap its directions"><x-icon name="arrow-left-right" /></button></div></template></div>
            <div class="rig-stick" x-show="$store.run.axes.length > 1"><div class="stick" role="img" tabindex="-1"
                aria-label="Stick: drag it to move two axes at once. The keys and the buttons do the same."><i></i></div>
                <p class="quiet stick-axes"></p></div>
        </div>
        <div class="rig-acts">
            <button type="button" class="button" data-rig="home">Home</button>
            @foreach ($page->plan->move->keyframes as $k => $keyframe)@if ($k < 8)<button type="button" class="button is-quiet" data-rig="keyframe"
                data-keyframe="{{ $k }}">Drive to {{ Move::peg($k) }}</button>@endif @endforeach
            <button type="button" class="button is-quiet" data-rig="photo">Drive to photo <span x-text="$store.run.photo"></span></button>
            <label><input type="checkbox" data-rig-follow> The rig follows the cursor</label>
        </div>
        <div class="rig-acts">
            <x-field id="rig-seconds" label="The whole move in" value="30 s" width="7ch" placeholder="as planned" />
            <button type="button" class="button" data-rig="pass">Run through</button>
            <button type="button" class="button" data-rig="back">Backwards</button>
            <button type="button" class="button" data-rig="loop">Loop there and back</button>
            <button type="button" class="button" data-rig="test">Test move with photos</button>
            <small class="quiet">In real time, on the rig. Left empty, it takes as long as the run. A test move stops for a photo at each fifth of the
                way.</small>
        </div>
        <div class="test-photos" id="rig-tested"></div>
    </div>@endif
</div>
