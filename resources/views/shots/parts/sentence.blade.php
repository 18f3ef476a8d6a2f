@php $follows = $page->pins->follows->value; @endphp
<div class="sentence">
    <span class="figure" data-figure="photos"><x-pin figure="photos" what="photos and clip" :follows="$follows" />
    <x-number pointer="/held/photos" name="held[photos]" label="Photos in all" :value="$texts['/held/photos']" :width="5" /></span>
    <span>photos,</span>
    <x-number pointer="/held/clip" name="held[clip]" label="Clip length" :value="$texts['/held/clip']" :width="8" />
    <span>of clip at</span>
    <x-number pointer="/timing/frames_per_second" label="Frames per second of the clip" :value="$texts['/timing/frames_per_second']" unit="fps"
        :width="3" /><span class="stop">;</span>
    <span class="figure needs-clock" data-figure="interval"><x-pin figure="interval" what="the interval" :follows="$follows" />
    <x-choice pointer="/timing/interval_means" label="Interval means" :shown-label="false" :value="$texts['/timing/interval_means']"
        :options="['start_to_start' => 'one every', 'gap' => 'gaps of']" />
    @include('shots.parts.intervals')</span><span class="stop needs-clock">,</span>
    <span>open</span>
    @include('shots.parts.exposures')<span class="stop">:</span>
    <span class="figure needs-clock" data-figure="shooting"><x-pin figure="shooting" what="the time on site" :follows="$follows" />
    <x-number pointer="/held/shooting" name="held[shooting]" label="Time on site" :value="$texts['/held/shooting']" :width="11" /></span>
    <span class="needs-clock">of shooting.</span>
    <span class="line-break"></span>
    <span>The rig</span>
    <x-choice pointer="/timing/mode" label="Movement" :shown-label="false" :value="$texts['/timing/mode']"
        :options="['shoot_move_shoot' => 'stops for each photo', 'continuous' => 'creeps on', 'stop_motion' => 'steps without a clock']" /><span
        class="stop">;</span>
    <x-number pointer="/timing/photos" label="Photos on the way" :value="$texts['/timing/photos']" :width="5" />
    <span>on the way,</span>
    <x-number pointer="/timing/head_photos" label="Photos standing before the move" :value="$texts['/timing/head_photos']" :width="3" />
    <span>before,</span>
    <x-number pointer="/timing/tail_photos" label="Photos standing after the move" :value="$texts['/timing/tail_photos']" :width="3" />
    <span>after. Start</span>
    <x-number pointer="/start" label="Start: a time of day, or such as 20 min before sunset" :value="$texts['/start']" :width="18" /><span class="stop">,</span>
    <span>wait</span>
    <x-number pointer="/timing/start_delay_s" label="Start delay in seconds" :value="$texts['/timing/start_delay_s']" unit="s" :width="5" /><span
        class="stop">:</span>
    @include('shots.parts.outcome')
    @include('shots.parts.until')
</div>
<div class="said">
    @include('shots.parts.unsaved', ['problems' => $errors->get('plan.*')])
    @include('shots.parts.rounding')
</div>
@include('shots.parts.other-problems', ['problems' => []])
