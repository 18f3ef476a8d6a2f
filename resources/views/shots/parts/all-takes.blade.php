{{-- The takes of the shot, each with its log, and the photos that came of them. --}}
@php $takes = $page->shot->takes()->limit(8)->get(); @endphp
<section class="panel last-changes" aria-labelledby="all-takes-title"><header class="panel-head"><h2 id="all-takes-title">{{ __('shots.all_takes.title') }}</h2>
    <span class="tools"><a class="button is-quiet" href="{{ $page->shot->at('photos.index') }}">{{ __('shots.all_takes.import') }}</a>
    <a class="button is-quiet" href="{{ $page->shot->at('clip.show') }}">{{ __('shots.all_takes.clip') }}</a>
    @if ($takes->count() > 1)<a class="button is-quiet" href="{{ $page->shot->at('takes.index') }}">{{
        __('shots.all_takes.compare') }}</a>@endif</span></header>
    @if ($takes->isNotEmpty())<ol class="plain-list">@foreach ($takes as $take)<li><a href="{{ $take->at('takes.show') }}">{{
        $settings->moment($take->created_at) }}</a> {{ $take->inWords() }}@if ($take->rating), {{ $take->judged() }}@endif</li>@endforeach</ol>
    @else<p class="nothing">{{ __('shots.all_takes.none') }}</p>@endif</section>
