{{-- Whether what is typed is kept, and of what the page speaks until it is. --}}
@if (($brought ?? []) !== [])<p class="notice brought"
    role="status">{{ __('shots.stale.says') }}
    @foreach ($brought as $problem)<span>{{ __('shots.stale.value', ['pointer' => ltrim($problem->pointer, '/'),
        'nearest' => $problem->nearest]) }}</span> @endforeach {{ __('shots.stale.next') }}</p>@endif
<p id="stale" class="sr-only" role="status" hidden>{{ __('shots.stale.before') }}</p>
