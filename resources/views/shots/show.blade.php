@php $texts = $page->texts; @endphp
<x-layout :title="$page->plan->title" :crumbs="[$page->shot->shoot->name => route('shoots.show', $page->shot->shoot_id), $page->plan->title => null]">
    <div id="shot" class="bench" data-shot="{{ $page->shot->id }}" data-mode="{{ $page->plan->timing->mode->value }}"
        :data-mode="$store.run.mode || '{{ $page->plan->timing->mode->value }}'" x-data="bench" :data-jogging="jogging ? 'yes' : 'no'"
        data-url="{{ $page->shot->at('shots.update') }}" data-edits="{{ $page->shot->at('shots.edits.store') }}"
        data-jog="{{ $page->shot->at('shots.jog') }}">
        <h1 class="sr-only">{{ $page->plan->title }}</h1>
        <script id="shot-problems" type="application/json">{}</script>
        @include('shots.parts.stale')
        @include('shots.parts.verdict')
        <form id="plan" class="plan" method="post" action="{{ $page->shot->at('shots.update') }}" autocomplete="off" data-live>
            @csrf
            @method('put')
            @include('shots.parts.revision')
            @include('shots.parts.sentence')
            <button class="button without-script">Work it out</button>
        </form>
        <div class="columns-two">
            @include('shots.parts.chart')
            <div class="side-column">
                @include('shots.parts.finder')
                @include('shots.parts.findings')
                @include('shots.parts.actions')
                @include('shots.parts.figures')
                @include('shots.parts.exposure-help')
                @include('shots.parts.budgets')
            </div>
            <div class="main-column">
                <details class="panel kit" id="ways" hx-get="{{ $page->shot->at('shots.schools') }}" hx-trigger="toggle once, refresh"
                    hx-target="#schools" hx-swap="outerHTML" hx-sync="this:replace">
                    <summary class="panel-head"><h2>Ways to follow the light, side by side</h2></summary>
                    <div id="schools"><p class="nothing"><a href="{{ $page->shot->at('shots.schools') }}">Open them</a></p></div>
                </details>
                @include('shots.parts.jog')
                @include('shots.parts.fields')
                @include('shots.parts.kit')
                @include('shots.parts.thresholds')
            </div>
        </div>
        <details class="panel kit" id="all-photos" hx-get="{{ $page->shot->at('shots.schedule') }}" hx-trigger="toggle once, refresh"
            hx-target="#schedule" hx-swap="outerHTML" hx-sync="this:replace">
            <summary class="panel-head"><h2>Every photo, in a table</h2></summary>
            <div id="schedule"><p class="nothing"><a href="{{ $page->shot->at('shots.schedule') }}">Open the table</a></p></div>
        </details>
        @include('shots.parts.keys')
        @include('shots.parts.thumb')
        {{-- The last of the form: it says that all before it have arrived. --}}
        <input type="hidden" name="end" value="1" form="plan">
    </div>
</x-layout>
