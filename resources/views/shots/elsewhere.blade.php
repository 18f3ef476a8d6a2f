<div id="other-problems" class="other-problems" role="alert" @if ($pointer !== null) data-pointer="{{ $pointer }}" @endif>
<p>{{ $message }} <a href="{{ route('shots.show', $shot) }}">Open it again</a></p></div>
