@php
    use Evrent\Core\Format\PlainText;
    $timing = $page->plan->timing;
@endphp
<div class="sentence">
    <x-number pointer="/timing/photos" label="Photos on the way" :value="$timing->photos" :width="5" />
    <span>photos on the way,</span>
    <x-number pointer="/timing/head_photos" label="Photos standing before the move" :value="$timing->headPhotos" :width="3" />
    <span>standing before and</span>
    <x-number pointer="/timing/tail_photos" label="Photos standing after the move" :value="$timing->tailPhotos" :width="3" />
    @include('shots.parts.interval-words')
    @if ($timing->interval->isConstant())
        <x-number pointer="/timing/interval_s" label="Interval in seconds" :value="PlainText::number($timing->interval->keys[0]['seconds'])" unit="s" :width="5" /><span class="stop">,</span>
    @else
        <span class="keyed">{{ collect($timing->interval->keys)->map(fn ($key) => PlainText::rounded($key['seconds']))->join(' → ') }} s,</span>
    @endif
    <span>open</span>
    @if ($timing->exposure->isConstant())
        <x-number pointer="/timing/exposure_s" label="Exposure in seconds" :value="PlainText::exposure($timing->exposure->keys[0]['seconds'])" unit="s" :width="6" />
    @else
        <span class="keyed">{{ collect($timing->exposure->keys)->map(fn ($key) => PlainText::rounded($key['seconds'], 4))->join(' → ') }} s</span>
    @endif
    <span>each:</span>
    @include('shots.parts.outcome')
    <span>at</span>
    <x-number pointer="/timing/frames_per_second" label="Frames per second of the clip" :value="PlainText::number($timing->framesPerSecond)" unit="fps" :width="3" /><span class="stop">.</span>
    <span>Start at</span>
    <x-number pointer="/start_time" name="start_time" label="Start at, time of day" :value="\App\Http\Typed::before('start_time', $page->shot->start_time)" :problem="$errors->first('plan.start_time')" :width="6" /><span class="stop">,</span>
    <span>wait</span>
    <x-number pointer="/timing/start_delay_s" label="Start delay in seconds" :value="PlainText::number($timing->startDelaySeconds)" unit="s" :width="5" />
    @include('shots.parts.until')
</div>
@include('shots.parts.other-problems', ['problems' => []])
