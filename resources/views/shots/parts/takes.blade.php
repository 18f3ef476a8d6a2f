@php $runs = $page->lastRuns(); @endphp
<section class="panel takes-list" aria-labelledby="takes-title">
    <header class="panel-head"><h2 id="takes-title">{{ __('shots.takes.title') }}</h2></header>
    @if ($runs->isEmpty())<p class="nothing">{{ __('shots.takes.none') }}</p>
    @else<ul class="plain-list">@foreach ($runs as $run)<li><a href="{{ $run->at('runs.show') }}">{{ $run->created_at->diffForHumans() }}</a>
        <span>{{ $run->inShort() }}</span>@if ($run->plan_revision_id !== $page->revision->id)<span
        class="quiet">{{ __('shots.takes.earlier') }}</span>@endif</li>@endforeach</ul>@endif
</section>
