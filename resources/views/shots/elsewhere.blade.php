<div id="other-problems" class="other-problems" role="alert" @if ($pointer !== null) data-pointer="{{ $pointer }}" @endif>
<p>{{ $message }} <a href="{{ $shot->at('shots.show') }}">Open shot again</a></p></div>
