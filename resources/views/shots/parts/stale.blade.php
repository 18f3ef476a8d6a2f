{{-- Whether what is typed is kept, and of what the page speaks until it is. --}}
@if (($brought ?? []) !== [])<p class="notice brought"
    role="status">This plan was kept with numbers beyond what can be worked out. It is shown with the nearest that can:
    @foreach ($brought as $problem)<span>{{ ltrim($problem->pointer, '/') }} is {{ $problem->nearest }}.</span> @endforeach What you change next is
    kept so.</p>@endif
<p id="stale" class="sr-only" role="status" hidden>Verdict, chart and figures are of before your last change.</p>
