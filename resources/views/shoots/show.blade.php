@php
    use App\Pages\StarterPlans;
@endphp
<x-layout :title="$shoot->name" :keep="$shoot->pages()" :crumbs="['Shoots' => route('shoots.index'), $shoot->name => null]">
    <div class="page" x-data="dayLine" data-ready="no" :data-tracks="shownTracks">
        <header class="page-head">
            <h1>{{ $shoot->name }}</h1>
            <p class="quiet">{{ $shoot->place }}@if ($shoot->shoot_date) · {{ $settings->date($shoot->shoot_date, true) }}@endif @if ($shoot->tags !== []) ·
                {{ implode(', ', $shoot->tags) }}@endif</p>
            @if ($shoot->is_demo)<p class="quiet">A made-up example to look around in. “Moonrise over the pump house” falls short on purpose: open it, and
                mend it.</p>@endif
            <nav class="page-acts" aria-label="The day to take along">
                <a class="button is-quiet" href="{{ route('shoots.packing', $shoot) }}"><x-icon name="package" /><span class="text">Packing list</span></a>
                <a class="button is-quiet" href="{{ route('shoots.sheet', $shoot) }}"><x-icon name="printer" /><span class="text">Day sheet</span></a>
                <a class="button is-quiet" href="{{ route('shoots.cards', $shoot) }}"><x-icon name="clock" /><span class="text">Cards</span></a>
                <a class="button is-quiet" href="{{ route('shoots.calendar', $shoot) }}"><x-icon name="calendar-plus" /><span class="text">Calendar</span></a>
                <a class="button is-quiet" href="{{ route('trials.index', $shoot) }}"><x-icon name="list-todo" /><span class="text">Test shoots</span></a>
                <a class="button is-quiet" href="{{ route('together.show', $shoot) }}"><x-icon name="layers-2" /><span class="text">Two rigs</span></a>
                <x-act :action="route('shoots.duplicate', $shoot)" icon="copy" class="is-quiet">Copy shoot</x-act>
                <x-act :action="route('shoots.destroy', $shoot)" method="delete" icon="trash-2" class="is-quiet">Delete shoot</x-act>
                <details class="menu" @if ($errors->has('details.*')) open @endif><summary class="button is-quiet"><x-icon name="pencil" /><span
                    class="text">Name and tags</span></summary>
                    <form method="post" action="{{ route('shoots.update', $shoot) }}">@csrf @method('put')<x-was :of="$shoot->detailTexts()" />
                        <x-field id="f-details-name" label="Name" name="name" width="26ch" is-text :problem="$errors->first('details.name')"
                            :value="$errors->has('details.*') ? null : $shoot->name" />
                        <x-field id="f-details-tags" label="Tags, with commas between" name="tags" width="22ch" is-text
                            :problem="$errors->first('details.tags')" :value="$errors->has('details.*') ? null : $shoot->detailTexts()['tags']" />
                        <button class="button">Save name and tags</button></form></details>
            </nav>
        </header>
        @include('takes.parts.under-way')
        @includeWhen($page->line === null, 'shoots.parts.place')
        @include('shoots.parts.day', ['problems' => []])
        <div class="cards">
            <form class="panel new-shot" data-new method="post" action="{{ route('shots.store', $shoot) }}">
                @csrf
                <h2>New shot <kbd>N</kbd></h2>
                <x-field id="f-title" label="Title" name="title" width="26ch" is-text :problem="$errors->first('shot.title')" />
                <x-field id="f-starter" label="Rig" name="starter" :options="StarterPlans::STARTERS"
                    :value="old('starter', $settings->get('starter'))" :problem="$errors->first('shot.starter')" />
                <x-field id="f-recipe" label="Subject" name="recipe" :options="['' => 'say nothing of it'] + $recipes->pluck('name', 'id')->all()"
                    :problem="$errors->first('shot.recipe')" />
                <button class="button is-strong"><x-icon name="plus" /><span class="text">Create shot</span></button>
            </form>
            <form class="panel open-plan" method="post" action="{{ route('plan-files.store', $shoot) }}" enctype="multipart/form-data">
                @csrf
                <h2>Open a plan file</h2>
                <x-field id="f-file" label="A file of the open format evrent.plan/1" name="file" type="file" accept=".json,application/json"
                    :problem="$errors->get('plan-file.file')" />
                <button class="button"><x-icon name="file-up" /><span class="text">Open plan file</span></button>
            </form>
        </div>
        @includeWhen($page->line !== null, 'shoots.parts.place')
        <section class="panel day-events" id="day-events" aria-labelledby="events-title">
            <header class="panel-head"><h2 id="events-title"><x-icon name="clock" /> What else happens</h2><span
                class="quiet">a tide, a ferry, a gate that closes</span></header>
            <ul>
                @foreach ($shoot->dayEvents as $event)
                    <li><b>{{ $settings->clock($event->at) }}</b> <span>{{ $event->label }}</span> <x-act
                        :action="route('shoots.events.destroy', [$shoot, $event])"
                        method="delete" icon="x" class="is-quiet"><span class="sr-only">Remove {{ $event->label }}</span></x-act></li>
                @endforeach
            </ul>
            <form method="post" action="{{ route('shoots.events.store', $shoot) }}">
                @csrf
                @foreach (['at' => ['When', '16ch'], 'label' => ['What', '24ch']] as $field => [$label, $width])
                    <x-field :id="'f-event-' . $field" :label="$label" :name="$field" :width="$width" is-text :problem="$errors->first('event.' . $field)" />
                @endforeach
                <button class="button"><x-icon name="plus" /><span class="text">Add event</span></button>
            </form>
        </section>
        @include('shoots.parts.cautions')
        @if ($deleted->isNotEmpty())
            <details class="panel bin"><summary class="panel-head"><h2>Deleted, can be brought back</h2></summary>
                <ul>@foreach ($deleted as $shot)<li><span>{{ $shot->title() }}</span> <x-act :action="route('bin.restore', ['shot', $shot->id])"
                    icon="undo-2" class="is-quiet">Bring back</x-act></li>@endforeach</ul></details>
        @endif
    </div>
</x-layout>
