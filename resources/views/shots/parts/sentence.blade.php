@php $held = $page->pins->held(); @endphp
<section class="sentence" id="sentence" aria-label="{{ __('shots.sentence.title') }}">
    <span class="figure" data-figure="photos" data-held="{{ $held['photos'] }}"><x-pin figure="photos" :what="__('editing.figure.photos')"
        :held="$held['photos']" />
    <x-number pointer="/held/photos" name="held[photos]" :label="__('shots.sentence.photos_total')" :value="$texts['/held/photos']"
        :width="5" data-steps /></span>
    <span class="w">{{ __('shots.sentence.photos_comma') }}</span>
    <x-number pointer="/held/clip" name="held[clip]" :label="__('shots.sentence.clip')" :value="$texts['/held/clip']" :width="7" data-steps />
    <span class="w">{{ __('shots.sentence.of_clip') }}</span>
    <x-number pointer="/timing/frames_per_second" :label="__('shots.sentence.fps_label')" :value="$texts['/timing/frames_per_second']" :unit="__('common.fps')"
        :width="3" data-steps /><span class="stop w">;</span>
    <span class="figure needs-clock" data-figure="interval" data-held="{{ $held['interval'] }}"><x-pin figure="interval" :what="__('editing.figure.interval')"
        :held="$held['interval']" />
    <x-choice pointer="/timing/interval_means" :label="__('shots.sentence.interval_means')" :shown-label="false" :value="$texts['/timing/interval_means']"
        :options="['start_to_start' => __('shots.sentence.interval'), 'gap' => __('shots.sentence.pause')]" />
    @include('shots.parts.intervals')</span><span class="stop needs-clock w">,</span>
    <span class="w">{{ __('shots.sentence.shutter') }}</span>
    @include('shots.parts.exposures')<span class="stop w">:</span>
    <span class="figure needs-clock" data-figure="shooting" data-held="{{ $held['shooting'] }}"><x-pin figure="shooting" :what="__('editing.figure.shooting')"
        :held="$held['shooting']" />
    <x-number pointer="/held/shooting" name="held[shooting]" :label="__('shots.sentence.shooting')" :value="$texts['/held/shooting']"
        :width="9" data-steps /></span>
    <span class="needs-clock w">{{ __('shots.sentence.of_shooting') }}</span>
    <span class="line-break"></span>
    @php $moves = $page->plan->rig->axes !== []; @endphp
    <span class="w">{{ $moves ? __('shots.sentence.rig') : __('shots.sentence.camera') }}</span>
    <x-choice pointer="/timing/mode" :label="__('shots.sentence.movement')" :shown-label="false" :value="$texts['/timing/mode']"
        :options="$moves
            ? ['shoot_move_shoot' => __('shots.sentence.sms'), 'continuous' => __('shots.sentence.continuous'),
                'stop_motion' => __('shots.sentence.stop_motion')]
            : ['shoot_move_shoot' => __('shots.sentence.tripod'), 'stop_motion' => __('shots.sentence.waits')]" /><span
        class="stop w">;</span>
    <span class="needs-rig moves">
    <x-number pointer="/timing/photos" :label="__('shots.sentence.move_label')" :value="$texts['/timing/photos']" :width="5" data-steps />
    <span class="w">{{ __('shots.sentence.move') }}</span>
    <x-number pointer="/timing/head_photos" :label="__('shots.sentence.head_label')" :value="$texts['/timing/head_photos']" :width="3" data-steps />
    <span class="w">{{ __('shots.sentence.head') }}</span>
    <x-number pointer="/timing/tail_photos" :label="__('shots.sentence.tail_label')" :value="$texts['/timing/tail_photos']" :width="3" data-steps />
    <span class="w">{{ __('shots.sentence.tail') }}</span></span>
    <span class="w">{{ __('common.start') }}</span>
    <x-number pointer="/start" :label="__('shots.sentence.start_hint')" :value="$texts['/start']" :width="max(14, mb_strlen($texts['/start']))" /><span
        class="stop w">,</span>
    <span class="w">{{ __('shots.sentence.wait') }}</span>
    <x-number pointer="/timing/start_delay_s" :label="__('shots.sentence.wait_label')" :value="$texts['/timing/start_delay_s']"
        :unit="__('common.seconds_unit')" :width="4" data-steps /><span
        class="stop w">:</span>
    @include('shots.parts.outcome')
    @include('shots.parts.until')
</section>
<div class="pad" id="pad" hidden>
    @foreach (['-2' => '−−', '-1' => '−', '1' => '+', '2' => '++'] as $by => $shown)<button type="button" class="button"
        data-by="{{ $by }}" aria-label="{{ ['-2' => __('shots.sentence.much_less'), '-1' => __('shots.sentence.less'), '1' => __('shots.sentence.more'),
            '2' => __('shots.sentence.much_more')][$by] }}">{{ $shown }}</button>@endforeach
</div>
