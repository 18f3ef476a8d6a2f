{{-- While a field cannot be read, everything else on the page shows the last plan that could. Its place is kept free. --}}
<p id="unsaved" class="unsaved" @if ($problems === []) hidden
    @endif><b>{{ __('shots.unsaved.title') }}</b> {{ __('shots.unsaved.says') }}</p>
