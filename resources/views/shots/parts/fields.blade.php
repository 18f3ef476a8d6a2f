{{-- The fields whose number hangs on the plan itself: drawn again when a keyframe, a key or a part comes or goes. --}}
<div id="fields" class="fields">
    @include('shots.parts.keyframes')
    @include('shots.parts.timing')
    @include('shots.parts.optics')
    @include('shots.parts.sky')
    @include('shots.parts.light')
    @include('shots.parts.exposure-for')
    @include('shots.parts.bag')
</div>
