{{-- The takes of the shot, each with its log. --}}
@php $takes = $page->shot->takes()->limit(8)->get(); @endphp
@if ($takes->isNotEmpty())<section class="panel last-changes" aria-labelledby="all-takes-title"><header class="panel-head"><h2 id="all-takes-title">Takes</h2>
    @if ($takes->count() > 1)<a class="button is-quiet" href="{{ $page->shot->at('takes.index') }}">Side by side</a>@endif</header>
    <ol class="plain-list">@foreach ($takes as $take)<li><a href="{{ $take->at('takes.show') }}">{{ $settings->moment($take->created_at) }}</a> {{
        $take->inWords() }}@if ($take->rating), {{ $take->judged() }}@endif</li>@endforeach</ol></section>@endif
