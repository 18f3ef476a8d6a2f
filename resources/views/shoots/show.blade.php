@php
    use App\Plans\StarterPlans;
    use Evrent\Core\Format\PlainText;
@endphp
<x-layout :title="$shoot->name" :crumbs="['Shoots' => route('shoots.index'), $shoot->name => null]">
    <div class="page">
        <header class="page-head">
            <h1>{{ $shoot->name }}</h1>
            <p class="quiet">{{ $shoot->place }}@if ($shoot->shoot_date) · {{ $shoot->shoot_date->format('l j F Y') }}@endif</p>
        </header>
        @if ($gone = session('deleted'))
            <div class="notice" role="status"><span>“{{ $gone['title'] }}” is deleted.</span>
                <x-act :action="route('shots.restore', $gone['id'])" icon="undo-2" class="is-quiet">Undo</x-act></div>
        @endif
        <ol class="shots">
            @forelse ($pages as $page)
                @php $summary = $page->schedule->summary; $stopping = $page->report->stopping(); @endphp
                <li class="panel shot-card" data-works="{{ $stopping === [] ? 'yes' : 'no' }}">
                    <div class="shot-name">
                        <h2><a href="{{ route('shots.show', $page->shot) }}">{{ $page->plan->title }}</a></h2>
                        <p class="says"><x-icon :name="$stopping === [] ? 'circle-check' : 'octagon-x'" />
                            @if ($stopping === [])<span><b>Works</b>, {{ PlainText::seconds($summary->minSlackSeconds) }} to spare</span>
                            @else<span><b>Falls short</b>: {{ $stopping[0]->shortfall }}, from photo {{ $stopping[0]->firstPhoto }} on</span>@endif
                            @if (($others = count($page->report->findings) - count($stopping)) > 0)<span class="quiet">· {{ $others }} more to look at</span>@endif</p>
                    </div>
                    <dl class="shot-figures">
                        <div><dt>Photos</dt><dd>{{ number_format($summary->photosTotal) }}</dd></div>
                        <div><dt>Clip</dt><dd>{{ PlainText::seconds($summary->clipSeconds) }}</dd></div>
                        <div><dt>On site</dt><dd>{{ PlainText::duration($summary->onSiteSeconds) }}</dd></div>
                        <div><dt>From</dt><dd>{{ $page->shot->start_time ?? '–' }}</dd></div>
                        <div><dt>Until</dt><dd>{{ $page->endTime() ?? '–' }}</dd></div>
                    </dl>
                    <div class="shot-acts">
                        @include('shots.parts.rename', ['shot' => $page->shot, 'title' => $page->plan->title, 'class' => 'is-quiet'])
                        <x-act :action="route('shots.duplicate', $page->shot)" icon="copy" class="is-quiet">Duplicate</x-act>
                        <x-act :action="route('shots.destroy', $page->shot)" method="delete" icon="trash-2" class="is-quiet">Delete</x-act>
                    </div>
                </li>
            @empty
                <li class="panel nothing">No shots yet. Make one below.</li>
            @endforelse
        </ol>
        <div class="cards">
            <form class="panel new-shot" method="post" action="{{ route('shots.store', $shoot) }}">
                @csrf
                <h2>New shot</h2>
                <span class="number"><label for="f-title">Title</label>
                    <span class="entry is-text"><input id="f-title" name="title" type="text" value="{{ \App\Http\Typed::before('title') }}" style="--width: 26ch" aria-describedby="p-title" @error('title') aria-invalid="true" @enderror></span>
                    <span class="problem" id="p-title">{{ $errors->first('title') }}</span></span>
                <span class="number"><label for="f-starter">Rig</label>
                    <span class="entry"><select id="f-starter" name="starter" aria-describedby="p-starter">
                        @foreach (StarterPlans::STARTERS as $starter => $name)<option value="{{ $starter }}" @selected(\App\Http\Typed::before('starter') === $starter)>{{ $name }}</option>@endforeach
                    </select></span>
                    <span class="problem" id="p-starter">{{ $errors->first('starter') }}</span></span>
                <button class="button is-strong"><x-icon name="plus" /><span class="text">Make it</span></button>
            </form>
            <form class="panel open-plan" method="post" action="{{ route('plan-files.store', $shoot) }}" enctype="multipart/form-data">
                @csrf
                <h2>Open a plan file</h2>
                <span class="number"><label for="f-file">A file of the open format evrent.plan/1</label>
                    <input id="f-file" name="file" type="file" accept=".json,application/json" aria-describedby="p-file" @error('file') aria-invalid="true" @enderror>
                    <span class="problem" id="p-file">@foreach ($errors->get('file') as $message){{ $message }}<br>@endforeach</span></span>
                <button class="button"><x-icon name="file-up" /><span class="text">Open it</span></button>
            </form>
            <aside class="panel cautions" aria-labelledby="cautions-title">
                <h2 id="cautions-title">On site</h2>
                <ul>
                    <li>Know the tide table and your way off before you set up; soft mud and cut-off sandbanks kill.</li>
                    <li>Never look at the sun through a finder or lens, and do not leave a lens pointing at it.</li>
                    <li>Tie the rig down on slopes, walls and quays; keep fingers and cables out of its travel.</li>
                    <li>Alone, in the cold or the dark: lamp, clothes for standing still, someone who knows when you are back.</li>
                    <li>Ask for leave to be there. Local rules and whoever is in charge on site come before anything said here.</li>
                </ul>
            </aside>
        </div>
        @if ($deleted->isNotEmpty())
            <details class="panel bin"><summary class="panel-head"><h2>Deleted, can be brought back</h2></summary>
                <ul>@foreach ($deleted as $shot)<li><span>{{ $shot->currentRevision()->toPlan()->title }}</span> <x-act :action="route('shots.restore', $shot)" icon="undo-2" class="is-quiet">Bring back</x-act></li>@endforeach</ul></details>
        @endif
    </div>
</x-layout>
