@php use Evrent\Core\Format\PlainText; @endphp
<x-layout :title="$page->plan->title" :crumbs="[$page->shot->shoot->name => route('shoots.show', $page->shot->shoot_id), $page->plan->title => null]">
    <div id="shot" class="bench">
        <h1 class="sr-only">{{ $page->plan->title }}</h1>
        @if (session('notice'))<p class="notice" role="status">{{ session('notice') }}</p>@endif
        @include('shots.parts.verdict')
        @include('shots.parts.unsaved', ['problems' => $errors->get('plan.*')])
        <form id="plan" class="plan" method="post" action="{{ route('shots.update', $page->shot) }}" autocomplete="off"
            hx-put="{{ route('shots.update', $page->shot) }}" hx-trigger="change from:.plan-field, submit" hx-swap="none" hx-sync="this:queue last">
            @csrf
            @method('put')
            @include('shots.parts.revision')
            @include('shots.parts.sentence')
            <button class="button without-script">Work it out</button>
        </form>
        <div class="columns-two">
            @include('shots.parts.chart')
            <div class="side-column">
                @include('shots.parts.findings')
                @include('shots.parts.actions')
            </div>
            <div class="main-column">
                @include('shots.parts.figures')
                @include('shots.parts.keyframes')
                @include('shots.parts.optics')
                @include('shots.parts.kit')
            </div>
        </div>
        @include('shots.parts.schedule')
    </div>
</x-layout>
