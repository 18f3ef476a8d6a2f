@php
    use App\Pages\StarterPlans;
@endphp
<x-layout :words="['day']" :title="$shoot->name" :keep="$shoot->pages()" :crumbs="[__('common.shoots') => route('shoots.index'), $shoot->name => null]">
    <div class="page" x-data="dayLine" data-ready="no" :data-tracks="shownTracks">
        <header class="page-head">
            <h1>{{ $shoot->name }}</h1>
            <p class="quiet">{{ $shoot->place }}@if ($shoot->shoot_date) · {{ $settings->date($shoot->shoot_date, true) }}@endif @if ($shoot->tags !== []) ·
                {{ implode(', ', $shoot->tags) }}@endif</p>
            @if ($shoot->is_demo)<p class="quiet">{{ __('shoots.show.example') }}</p>@endif
            <nav class="page-acts" aria-label="{{ __('shoots.show.nav') }}">
                <a class="button is-quiet" href="{{ route('shoots.packing', $shoot) }}"><x-icon name="package" /><span class="text">{{
                    __('shoots.show.packing') }}</span></a>
                <a class="button is-quiet" href="{{ route('shoots.sheet', $shoot) }}"><x-icon name="printer" /><span class="text">{{
                    __('shoots.show.sheet') }}</span></a>
                <a class="button is-quiet" href="{{ route('shoots.cards', $shoot) }}"><x-icon name="clock" /><span class="text">{{
                    __('shoots.show.cards') }}</span></a>
                <a class="button is-quiet" href="{{ route('shoots.calendar', $shoot) }}"><x-icon name="calendar-plus" /><span class="text">{{
                    __('shoots.show.calendar') }}</span></a>
                <a class="button is-quiet" href="{{ route('trials.index', $shoot) }}"><x-icon name="list-todo" /><span class="text">{{
                    __('shoots.show.grids') }}</span></a>
                <a class="button is-quiet" href="{{ route('together.show', $shoot) }}"><x-icon name="layers-2" /><span class="text">{{
                    __('shoots.show.two') }}</span></a>
                <x-act :action="route('shoots.duplicate', $shoot)" icon="copy" class="is-quiet">{{ __('shoots.show.copy') }}</x-act>
                <x-act :action="route('shoots.destroy', $shoot)" method="delete" icon="trash-2" class="is-quiet">{{ __('shoots.show.delete') }}</x-act>
                <details class="menu" @if ($errors->has('details.*')) open @endif><summary class="button is-quiet"><x-icon name="pencil" /><span
                    class="text">{{ __('shoots.show.name_tags') }}</span></summary>
                    <form method="post" action="{{ route('shoots.update', $shoot) }}">@csrf @method('put')<x-was :of="$shoot->detailTexts()" />
                        <x-field id="f-details-name" :label="__('common.name')" name="name" width="26ch" is-text :problem="$errors->first('details.name')"
                            :value="$errors->has('details.*') ? null : $shoot->name" />
                        <x-field id="f-details-tags" :label="__('shoots.show.tags')" name="tags" width="22ch" is-text
                            :problem="$errors->first('details.tags')" :value="$errors->has('details.*') ? null : $shoot->detailTexts()['tags']" />
                        <button class="button">{{ __('shoots.show.save_name') }}</button></form></details>
            </nav>
        </header>
        @include('takes.parts.under-way')
        @includeWhen($page->line === null, 'shoots.parts.place')
        @include('shoots.parts.day', ['problems' => []])
        <div class="cards">
            <form class="panel new-shot" data-new method="post" action="{{ route('shots.store', $shoot) }}">
                @csrf
                <h2>{{ __('shoots.show.new') }} <kbd>N</kbd></h2>
                <x-field id="f-title" :label="__('common.title')" name="title" width="26ch" is-text :problem="$errors->first('shot.title')" />
                <x-field id="f-starter" :label="__('common.rig')" name="starter" :options="array_map(__(...), StarterPlans::STARTERS)"
                    :value="old('starter', $settings->get('starter'))" :problem="$errors->first('shot.starter')" />
                <x-field id="f-recipe" :label="__('shoots.show.subject')" name="recipe"
                    :options="['' => __('common.not_set')] + $recipes->pluck('name', 'id')->all()"
                    :problem="$errors->first('shot.recipe')" />
                <button class="button is-strong"><x-icon name="plus" /><span class="text">{{ __('shoots.show.create') }}</span></button>
            </form>
            <form class="panel open-plan" method="post" action="{{ route('plan-files.store', $shoot) }}" enctype="multipart/form-data">
                @csrf
                <h2>{{ __('shoots.show.open') }}</h2>
                <x-field id="f-file" :label="__('shoots.show.file')" name="file" type="file" accept=".json,application/json"
                    :problem="$errors->get('plan-file.file')" />
                <button class="button"><x-icon name="file-up" /><span class="text">{{ __('shoots.show.open_press') }}</span></button>
            </form>
        </div>
        @includeWhen($page->line !== null, 'shoots.parts.place')
        <section class="panel day-events" id="day-events" aria-labelledby="events-title">
            <header class="panel-head"><h2 id="events-title"><x-icon name="clock" /> {{ __('shoots.show.events') }}</h2><span
                class="quiet">{{ __('shoots.show.events_says') }}</span></header>
            <ul>
                @foreach ($shoot->dayEvents as $event)
                    <li><b>{{ $settings->clock($event->at) }}</b> <span>{{ $event->label }}</span> <x-act
                        :action="route('shoots.events.destroy', [$shoot, $event])"
                        method="delete" icon="x" class="is-quiet"><span class="sr-only">{{ __('shoots.show.remove',
                            ['label' => $event->label]) }}</span></x-act></li>
                @endforeach
            </ul>
            <form method="post" action="{{ route('shoots.events.store', $shoot) }}">
                @csrf
                @foreach (['at' => [__('shoots.show.when'), '16ch'], 'label' => [__('shoots.show.what'), '24ch']] as $field => [$label, $width])
                    <x-field :id="'f-event-' . $field" :label="$label" :name="$field" :width="$width" is-text :problem="$errors->first('event.' . $field)" />
                @endforeach
                <button class="button"><x-icon name="plus" /><span class="text">{{ __('shoots.show.add') }}</span></button>
            </form>
        </section>
        @include('shoots.parts.cautions')
        @if ($deleted->isNotEmpty())
            <details class="panel bin"><summary class="panel-head"><h2>{{ __('shoots.show.deleted') }}</h2></summary>
                <ul>@foreach ($deleted as $shot)<li><span>{{ $shot->title() }}</span> <x-act :action="route('bin.restore', ['shot', $shot->id])"
                    icon="undo-2" class="is-quiet">{{ __('shoots.show.restore') }}</x-act></li>@endforeach</ul></details>
        @endif
    </div>
</x-layout>
