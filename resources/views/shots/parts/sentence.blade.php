@php $held = $page->pins->held(); @endphp
<section class="sentence" id="sentence" aria-label="The shot in a sentence">
    <span class="figure" data-figure="photos" data-held="{{ $held['photos'] }}"><x-pin figure="photos" what="photos and clip"
        :held="$held['photos']" />
    <x-number pointer="/held/photos" name="held[photos]" label="Photos in all" :value="$texts['/held/photos']" :width="5" data-steps /></span>
    <span class="w">photos,</span>
    <x-number pointer="/held/clip" name="held[clip]" label="Clip length" :value="$texts['/held/clip']" :width="7" data-steps />
    <span class="w">of clip at</span>
    <x-number pointer="/timing/frames_per_second" label="Frames per second of the clip" :value="$texts['/timing/frames_per_second']" unit="fps"
        :width="3" data-steps /><span class="stop w">;</span>
    <span class="figure needs-clock" data-figure="interval" data-held="{{ $held['interval'] }}"><x-pin figure="interval" what="the interval"
        :held="$held['interval']" />
    <x-choice pointer="/timing/interval_means" label="Interval means" :shown-label="false" :value="$texts['/timing/interval_means']"
        :options="['start_to_start' => 'one every', 'gap' => 'gaps of']" />
    @include('shots.parts.intervals')</span><span class="stop needs-clock w">,</span>
    <span class="w">open</span>
    @include('shots.parts.exposures')<span class="stop w">:</span>
    <span class="figure needs-clock" data-figure="shooting" data-held="{{ $held['shooting'] }}"><x-pin figure="shooting" what="the shooting time"
        :held="$held['shooting']" />
    <x-number pointer="/held/shooting" name="held[shooting]" label="Shooting time" :value="$texts['/held/shooting']" :width="9" data-steps /></span>
    <span class="needs-clock w">of shooting.</span>
    <span class="line-break"></span>
    @php $moves = $page->plan->rig->axes !== []; @endphp
    <span class="w">{{ $moves ? 'The rig' : 'The camera' }}</span>
    <x-choice pointer="/timing/mode" label="Movement" :shown-label="false" :value="$texts['/timing/mode']"
        :options="$moves
            ? ['shoot_move_shoot' => 'stops for each photo', 'continuous' => 'creeps on', 'stop_motion' => 'steps without a clock']
            : ['shoot_move_shoot' => 'stands on its legs', 'stop_motion' => 'waits to be told']" /><span
        class="stop w">;</span>
    <span class="needs-rig moves">
    <x-number pointer="/timing/photos" label="Photos on the way" :value="$texts['/timing/photos']" :width="5" data-steps />
    <span class="w">on the way,</span>
    <x-number pointer="/timing/head_photos" label="Photos standing before the move" :value="$texts['/timing/head_photos']" :width="3" data-steps />
    <span class="w">before,</span>
    <x-number pointer="/timing/tail_photos" label="Photos standing after the move" :value="$texts['/timing/tail_photos']" :width="3" data-steps />
    <span class="w">after.</span></span>
    <span class="w">Start</span>
    <x-number pointer="/start" label="Start: a time of day, or such as 20 min before sunset" :value="$texts['/start']" :width="14" /><span
        class="stop w">,</span>
    <span class="w">wait</span>
    <x-number pointer="/timing/start_delay_s" label="Start delay in seconds" :value="$texts['/timing/start_delay_s']" unit="s" :width="4" data-steps /><span
        class="stop w">:</span>
    @include('shots.parts.outcome')
    @include('shots.parts.until')
</section>
<div class="pad" id="pad" hidden>
    @foreach (['-2' => '−−', '-1' => '−', '1' => '+', '2' => '++'] as $by => $shown)<button type="button" class="button"
        data-by="{{ $by }}" aria-label="{{ ['-2' => 'Much less', '-1' => 'Less', '1' => 'More', '2' => 'Much more'][$by] }}">{{ $shown }}</button>@endforeach
</div>
