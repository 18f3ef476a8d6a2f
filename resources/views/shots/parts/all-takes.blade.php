{{-- The takes of the shot, each with its log, and the photos that came of them. --}}
@php $takes = $page->shot->takes()->limit(8)->get(); @endphp
<section class="panel last-changes" aria-labelledby="all-takes-title"><header class="panel-head"><h2 id="all-takes-title">Takes and photos</h2>
    <span class="tools"><a class="button is-quiet" href="{{ $page->shot->at('photos.index') }}">Photos from the card</a>
    <a class="button is-quiet" href="{{ $page->shot->at('clip.show') }}">Clip</a>
    @if ($takes->count() > 1)<a class="button is-quiet" href="{{ $page->shot->at('takes.index') }}">Side by side</a>@endif</span></header>
    @if ($takes->isNotEmpty())<ol class="plain-list">@foreach ($takes as $take)<li><a href="{{ $take->at('takes.show') }}">{{
        $settings->moment($take->created_at) }}</a> {{ $take->inWords() }}@if ($take->rating), {{ $take->judged() }}@endif</li>@endforeach</ol>
    @else<p class="nothing">None yet.</p>@endif</section>
