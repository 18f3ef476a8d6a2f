<div id="other-problems" class="other-problems" role="alert" @if ($pointer !== null) data-pointer="{{ $pointer }}" @endif>
<p>{{ $message }} <a href="{{ $shot->at('shots.show') }}">{{ __('shots.elsewhere.open') }}</a></p></div>
