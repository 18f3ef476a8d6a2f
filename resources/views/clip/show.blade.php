@php
    use Evrent\Core\Words\PlainText;
    $shot = $page->shot;
    $reading = $page->card?->reading;
@endphp
<x-layout :title="'Clip of ' . $shot->title()"
    :crumbs="[$shot->shoot->name => route('shoots.show', $shot->shoot_id), $shot->title() => $shot->at('shots.show'), 'Clip' => null]">
    <div class="page clip">
        <header class="page-head"><h1>Clip of {{ $shot->title() }}</h1>
            <p class="quiet">A list says what it is to be; it touches no photo. @if ($reading)<a href="{{ $shot->at('photos.index') }}">Photos from the
                card</a>@else No photos were read yet, so it is told from the plan. <a href="{{ $shot->at('photos.index') }}">Read them from the
                card</a>.@endif</p></header>
        @if ($shot->follows)<p class="notice">This clip follows on that of <a href="{{ $shot->follows->shot->at('clip.show') }}">{{
            $shot->follows->shot->title() }}</a>, whose take ended early.</p>@endif
        @if ($reading)@include('photos.parts.backed-up', ['reading' => $reading])@endif
        @include('clip.parts.list')
        @include('clip.parts.look')
        <section class="panel" id="films" aria-labelledby="films-title"><header class="panel-head"><h2 id="films-title">Make it</h2></header>
            <form class="form-acts" method="post" action="{{ $shot->at('films.store') }}">@csrf
                @if ($page->patchy() !== null)<p class="short patchy"><x-icon name="triangle-alert" /> {{ $page->patchy() }}</p>
                <input type="hidden" name="anyway" value="yes">@endif
                <button class="button is-strong"><x-icon name="film" /><span class="text">{{ $page->patchy() === null ? 'Make the clip'
                    : 'Make it all the same' }}</span></button>
                <small class="quiet">From the photos as they lie there. It goes on when this page is closed, and begins again after a power cut.</small>
                <span class="problem" role="status">{{ collect(['photos', 'crop_width', 'end_width', 'in', 'out', 'speeds'])->map(fn ($field) =>
                    $errors->first("clip.{$field}"))->first(fn ($says) => $says !== '') }}</span></form>
            @foreach ($page->films() as $film)@include('clip.parts.film')@endforeach
        </section>
        @if ($reading)@include('clip.parts.developed')@endif
        @include('clip.parts.files')
        @if ($page->revisions()->isNotEmpty())<details class="panel fold"><summary class="panel-head"><h2>What was changed in the list</h2></summary>
            <ol class="plain-list clip-history">@foreach ($page->revisions() as $one)<li>{{ $settings->moment($one->created_at) }} <b>{{ $one->reason }}</b>
                @if ($one->id === $page->revision?->id)<span class="quiet">as it is</span>@else<form method="post"
                action="{{ route('clip.restore', [...$shot->address(), 'clipRevision' => $one->id]) }}">@csrf<button class="button is-quiet">Back to
                this</button></form>@endif</li>@endforeach</ol></details>@endif
    </div>
</x-layout>
