{{-- The fields of a view whose number hangs on the plan itself: drawn again when a keyframe, a key or a part comes or goes. --}}
<div id="{{ $name }}-fields" class="fields">
    @foreach (['frame' => ['keyframes', 'faces', 'optics', 'sky', 'scene'],
        'time' => ['ends', 'film', 'timing'], 'light' => ['light'], 'pack' => ['bag']][$name] as $part)
        @include('shots.parts.' . $part)
    @endforeach
</div>
