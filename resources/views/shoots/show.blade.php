@php
    use App\Http\Typed;
    use App\Pages\StarterPlans;
@endphp
<x-layout :title="$shoot->name" :crumbs="['Shoots' => route('shoots.index'), $shoot->name => null]">
    <div class="page" x-data="dayLine" data-ready="no">
        <header class="page-head">
            <h1>{{ $shoot->name }}</h1>
            <p class="quiet">{{ $shoot->place }}@if ($shoot->shoot_date) · {{ $shoot->shoot_date->format('l j F Y') }}@endif</p>
            <nav class="page-acts" aria-label="The day to take along">
                <a class="button is-quiet" href="{{ route('shoots.packing', $shoot) }}"><x-icon name="package" /><span class="text">Packing list</span></a>
                <a class="button is-quiet" href="{{ route('shoots.sheet', $shoot) }}"><x-icon name="printer" /><span class="text">Day sheet</span></a>
                <a class="button is-quiet" href="{{ route('shoots.calendar', $shoot) }}"><x-icon name="calendar-plus" /><span class="text">Calendar</span></a>
                <a class="button is-quiet" href="{{ route('trials.index', $shoot) }}"><x-icon name="list-todo" /><span class="text">Test shoots</span></a>
                <x-act :action="route('shoots.destroy', $shoot)" method="delete" icon="trash-2" class="is-quiet">Delete</x-act>
            </nav>
        </header>
        @includeWhen($page->line === null, 'shoots.parts.place')
        @include('shoots.parts.day', ['problems' => []])
        <div class="cards">
            <form class="panel new-shot" method="post" action="{{ route('shots.store', $shoot) }}">
                @csrf
                <h2>New shot</h2>
                <span class="number"><label for="f-title">Title</label>
                    <span class="entry is-text"><input id="f-title" name="title" type="text" value="{{ Typed::before('title') }}"
                        style="--width: 26ch" aria-describedby="p-title" @error('title') aria-invalid="true" @enderror></span>
                    <span class="problem" id="p-title">{{ $errors->first('title') }}</span></span>
                <span class="number"><label for="f-starter">Rig</label>
                    <span class="entry"><select id="f-starter" name="starter" aria-describedby="p-starter">
                        @foreach (StarterPlans::STARTERS as $starter => $name)<option value="{{ $starter }}"
                            @selected(Typed::before('starter') === $starter)>{{ $name }}</option>@endforeach
                    </select></span>
                    <span class="problem" id="p-starter">{{ $errors->first('starter') }}</span></span>
                <span class="number"><label for="f-recipe">Subject</label>
                    <span class="entry"><select id="f-recipe" name="recipe" aria-describedby="p-recipe"><option value="">say nothing of it</option>
                        @foreach ($recipes as $recipe)<option value="{{ $recipe->id }}"
                            @selected(Typed::before('recipe') === (string) $recipe->id)>{{ $recipe->name }}</option>@endforeach
                    </select></span>
                    <span class="problem" id="p-recipe">{{ $errors->first('recipe') }}</span></span>
                <button class="button is-strong"><x-icon name="plus" /><span class="text">Make it</span></button>
            </form>
            <form class="panel open-plan" method="post" action="{{ route('plan-files.store', $shoot) }}" enctype="multipart/form-data">
                @csrf
                <h2>Open a plan file</h2>
                <span class="number"><label for="f-file">A file of the open format evrent.plan/1</label>
                    <input id="f-file" name="file" type="file" accept=".json,application/json" aria-describedby="p-file" @error('file')
                        aria-invalid="true" @enderror>
                    <span class="problem" id="p-file">@foreach ($errors->get('file') as $message){{ $message }}<br>@endforeach</span></span>
                <button class="button"><x-icon name="file-up" /><span class="text">Open it</span></button>
            </form>
        </div>
        @includeWhen($page->line !== null, 'shoots.parts.place')
        <section class="panel day-events" id="day-events" aria-labelledby="events-title">
            <header class="panel-head"><h2 id="events-title"><x-icon name="clock" /> What else happens</h2><span
                class="quiet">a tide, a ferry, a gate that closes</span></header>
            <ul>
                @foreach ($shoot->dayEvents as $event)
                    <li><b>{{ $event->at }}</b> <span>{{ $event->label }}</span> <x-act :action="route('shoots.events.destroy', [$shoot, $event])"
                        method="delete" icon="x" class="is-quiet"><span class="sr-only">Take {{ $event->label }} out</span></x-act></li>
                @endforeach
            </ul>
            <form method="post" action="{{ route('shoots.events.store', $shoot) }}">
                @csrf
                @foreach (['at' => ['When', '16ch'], 'label' => ['What', '24ch']] as $field => [$label, $width])
                    <span class="number"><label for="f-event-{{ $field }}">{{ $label }}</label>
                        <span class="entry is-text"><input id="f-event-{{ $field }}" name="{{ $field }}" type="text"
                            value="{{ Typed::before($field) }}" style="--width: {{ $width }}" autocomplete="off"
                            aria-describedby="p-event-{{ $field }}" @error("event.{$field}") aria-invalid="true" @enderror></span>
                        <span class="problem" id="p-event-{{ $field }}">{{ $errors->first("event.{$field}") }}</span></span>
                @endforeach
                <button class="button"><x-icon name="plus" /><span class="text">Add it</span></button>
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
