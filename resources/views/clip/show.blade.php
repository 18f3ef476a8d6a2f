@php
    $shot = $page->shot;
    $reading = $page->card?->reading;
@endphp
<x-layout :words="['clip']" :title="__('clip.show.title', ['title' => $shot->title()])"
    :crumbs="[$shot->shoot->name => route('shoots.show', $shot->shoot_id), $shot->title() => $shot->at('shots.show'), __('clip.show.crumb') => null]">
    <div class="page clip">
        <header class="page-head"><h1>{{ __('clip.show.title', ['title' => $shot->title()]) }}</h1>
            <p class="quiet">{{ __('clip.show.lead') }} @if ($reading)<a href="{{ $shot->at('photos.index') }}">{{ __('clip.show.photos') }}</a>@else {{
                __('clip.show.no_photos') }} <a href="{{ $shot->at('photos.index') }}">{{ __('clip.show.import') }}</a>.@endif</p></header>
        @if ($shot->follows)<p class="notice">{{ __('clip.show.follows') }} <a href="{{ $shot->follows->shot->at('clip.show') }}">{{
            $shot->follows->shot->title() }}</a>{{ __('clip.show.ended') }}</p>@endif
        @if ($reading)@include('photos.parts.backed-up', ['reading' => $reading])@endif
        @include('clip.parts.list')
        @include('clip.parts.look')
        <section class="panel" id="films" aria-labelledby="films-title"><header class="panel-head"><h2 id="films-title">{{
            __('clip.show.render_title') }}</h2></header>
            <form class="form-acts" method="post" action="{{ $shot->at('films.store') }}">@csrf
                @if ($page->patchy() !== null)<p class="short patchy"><x-icon name="triangle-alert" /> {{ $page->patchy() }}</p>
                <input type="hidden" name="anyway" value="yes">@endif
                <button class="button is-strong"><x-icon name="film" /><span class="text">{{ $page->patchy() === null ? __('clip.show.render')
                    : __('clip.show.render_anyway') }}</span></button>
                <small class="quiet">{{ __('clip.show.render_says') }}</small>
                <span class="problem" role="status">{{ collect(['photos', 'crop_width', 'end_width', 'in', 'out', 'speeds'])->map(fn ($field) =>
                    $errors->first("clip.{$field}"))->first(fn ($says) => $says !== '') }}</span></form>
            @foreach ($page->films() as $film)@include('clip.parts.film')@endforeach
        </section>
        @if ($reading)@include('clip.parts.developed')@endif
        @include('clip.parts.files')
        @if ($page->revisions()->isNotEmpty())<details class="panel fold"><summary class="panel-head"><h2>{{ __('clip.show.history') }}</h2></summary>
            <ol class="plain-list clip-history">@foreach ($page->revisions() as $one)<li>{{ $settings->moment($one->created_at) }} <b>{{ $one->told() }}</b>
                @if ($one->id === $page->revision?->id)<span class="quiet">{{ __('clip.show.current') }}</span>@else<form method="post"
                action="{{ route('clip.restore', [...$shot->address(), 'clipRevision' => $one->id]) }}">@csrf<button class="button is-quiet">{{
                    __('clip.show.revert') }}</button></form>@endif</li>@endforeach</ol></details>@endif
    </div>
</x-layout>
