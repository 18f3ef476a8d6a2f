{{-- Problems whose field is not on the page, such as a keyframe's place in an opened plan. --}}
<div id="other-problems" class="other-problems" role="alert">
    @foreach ($problems as $pointer => $message)<p>{{ $pointer === "" ? "" : "{$pointer}: " }}{{ $message }}</p>@endforeach
</div>
