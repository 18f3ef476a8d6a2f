<div id="other-problems" class="other-problems" role="alert"><p>{{ $message }} <a href="{{ route('shots.show', $shot) }}">Open it again</a></p></div>
