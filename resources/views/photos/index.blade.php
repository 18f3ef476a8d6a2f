@php
    use Evrent\Core\Words\PlainText;
    $shot = $page->shot;
    $reading = $page->reading;
    $wrong = fn (string $field) => $errors->first("card.{$field}");
@endphp
<x-layout :title="'Photos of ' . $shot->title()"
    :crumbs="[$shot->shoot->name => route('shoots.show', $shot->shoot_id), $shot->title() => $shot->at('shots.show'), 'Photos' => null]">
    <div class="page photos">
        <header class="page-head"><h1>Photos of {{ $shot->title() }}</h1>
            <p class="quiet">Evrent reads them where they lie. Nothing is moved, renamed or changed.</p></header>
        <section class="panel" aria-labelledby="bring-in"><header class="panel-head"><h2 id="bring-in">Bring in</h2></header>
            <form class="grid-fields" method="post" action="{{ $shot->at('photos.store') }}">@csrf
                <x-field id="card-folder" label="Folder on this machine" name="folder" width="34ch" is-text list="card-folders"
                    :value="old('folder') ?? $page->folder()" :problem="$wrong('folder')" />
                <x-field id="card-take" label="They are of the take" name="take" :options="$page->takes()" :value="old('take') ?? $reading?->take_id ?? ''"
                    :problem="$wrong('take')" />
                <button class="button is-strong"><x-icon name="plus" /><span class="text">Read the photos</span></button>
                <datalist id="card-folders">@foreach ($page->folders() as $folder)<option value="{{ $folder }}"></option>@endforeach</datalist>
            </form>
            <form class="grid-fields upload" method="post" action="{{ $shot->at('photos.uploads') }}" data-upload>@csrf
                <x-field id="upload-folder" label="Or a folder of this computer" type="file" webkitdirectory />
                <x-field id="upload-files" label="or photos" type="file" multiple accept="image/*,.dng,.arw,.cr2,.cr3,.nef,.orf,.raf,.rw2" />
                <x-field id="upload-take" label="They are of the take" name="take" :options="$page->takes()" />
                <button class="button">Send</button><button type="button" class="button is-quiet" data-cancel>Cancel</button>
                <output class="quiet">Only the head of each is sent: what it says of itself, and its small picture.</output></form>
            @if ($reading && $reading->status !== 'uploading' && (!$reading->isOver() || $reading->status !== 'done'))@include('photos.parts.reading')@endif
        </section>
        @if ($page->match !== [])
        <section class="panel" aria-labelledby="which"><header class="panel-head"><h2 id="which">Which is which</h2>
            <a class="quiet" href="{{ $reading->at('match') }}">evrent.match/1</a></header>
            <dl class="figures-row"><div><dt>On the card</dt><dd><b>{{ number_format($page->there()) }}</b> of {{ number_format($page->count()) }}</dd></div>
                @if ($page->offsetSeconds() !== null)<div><dt>Camera’s clock</dt><dd><b>{{ PlainText::duration(abs($page->offsetSeconds())) }}</b>
                    {{ $page->offsetSeconds() < 0 ? 'behind' : 'ahead' }}</dd></div>@endif
                @if ($page->driftPpm() !== null)<div><dt>Its drift</dt><dd><b>{{ PlainText::signed($page->driftPpm(), 0) }}</b> ppm</dd></div>@endif
                @if ($page->cleanStretch())<div><dt>Longest clean stretch</dt><dd><b>{{ implode(' to ', $page->cleanStretch()) }}</b></dd></div>@endif
                @if (isset($page->match['flicker_stops']))<div><dt>Flicker</dt><dd><b>{{ PlainText::rounded($page->match['flicker_stops'], 3) }}</b>
                    stops</dd></div>@endif
                <div><dt>None of the plan’s</dt><dd><b>{{ count($page->extras()) }}</b></dd></div></dl>
            @if ($page->findings() !== [])<ul class="photo-findings">@foreach ($page->findings() as $found)<li>@if (isset($found['first']) &&
                $page->file($found['first']) !== null)<a href="{{ $reading->at('photo', number: $found['first']) }}">Photo {{ $found['first'] }}</a>
                @endif{{ $found['says'] }} @isset($found['failure'])<span class="quiet">{{ $found['failure'] }}</span>@endisset
                @isset($found['mend'])<p class="quiet">{{ $found['mend'] }}</p>@endisset</li>@endforeach</ul>@endif
            <details class="more" id="place-one" @if ($page->asks() || $wrong('file') || $wrong('number')) open @endif><summary>One of them stands in the wrong
                place</summary>
            <form class="grid-fields" method="post" action="{{ $reading->at('place') }}">@csrf @method('put')
                <x-field id="place-file" label="The photo" name="file" width="16ch" is-text :problem="$wrong('file')" />
                <x-field id="place-number" label="is number" name="number" width="6ch" inputmode="numeric" :problem="$wrong('number')" />
                <button class="button">Put it there</button><small class="quiet">All others follow.</small></form></details>
        </section>
        @if ($page->offsetSeconds() !== null && $page->bodies() !== [])<form class="panel learn-clock" method="post" action="{{ $reading->at('clock') }}">@csrf
            @method('put')<x-field id="clock-body" label="Keep how this clock goes with" name="body" :options="$page->bodies()" :problem="$wrong('body')" />
            <button class="button">Keep it</button></form>@endif
        @php $bright = $page->brightness(); @endphp
        @if ($bright)<section class="panel" aria-labelledby="bright-title"><header class="panel-head"><h2 id="bright-title">Brightness, photo by
            photo</h2><span class="quiet">{{ $bright->foretold === '' ? 'stops over the middle one' : 'the dashes were foretold' }}</span></header>
            <svg class="bright-line" viewBox="0 0 1000 120" preserveAspectRatio="none" role="img" aria-label="How bright each photo is, from
                {{ PlainText::signed($bright->from, 1) }} to {{ PlainText::signed($bright->to, 1) }} stops">@foreach ($bright->marks as $at)<path
                class="stands-out" d="M{{ $at }} 0V120" />@endforeach @if ($bright->foretold !== '')<path class="foretold" d="{{ $bright->foretold }}" />@endif
                <path class="measured" d="{{ $bright->measured }}" /></svg></section>@endif
        <section class="panel" aria-labelledby="sheet-title"><header class="panel-head"><h2 id="sheet-title">Contact sheet</h2></header>
            <form class="grid-fields" method="post" action="{{ $reading->at('mark') }}" id="mark-photos">@csrf @method('put')
                <x-field id="mark-from" label="Photo" name="from" width="6ch" inputmode="numeric" :problem="$wrong('from')" />
                <x-field id="mark-to" label="to" name="to" width="6ch" inputmode="numeric" :problem="$wrong('to')" />
                <x-field id="mark-why" label="why" name="why" width="18ch" is-text :problem="$wrong('why')" />
                <button class="button" name="mark" value="spoilt">Spoilt</button><button class="button" name="mark" value="pick">A still to keep</button>
                <button class="button is-quiet" name="mark" value="">No mark</button>
                <small class="quiet">On a photo of the sheet, S marks it spoilt, K keeps it as a still, U takes the mark off.</small></form>
            <ol class="contact-sheet" data-contact-sheet="{{ $reading->at('mark') }}">@include('photos.parts.some', ['from' => 1])</ol></section>
        @if ($page->extras() !== [])<section class="panel" aria-labelledby="extras-title"><header class="panel-head"><h2 id="extras-title">None of the
            plan’s</h2></header><ol class="contact-sheet">@foreach (array_slice($page->extras(), 0, 200) as $extra)<li
            class="contact">@if ($page->picture($extra['file']))<span class="frame"><img src="{{ $page->picture($extra['file']) }}"
            loading="lazy" width="120" height="80" alt=""></span>@endif<b>{{ basename($extra['file']) }}</b>
            <small>{{ $extra['says'] }}</small></li>@endforeach</ol></section>@endif
        @if ($page->skipped() !== [])<details class="panel"><summary class="panel-head"><h2>Left out: {{ count($page->skipped()) }}</h2></summary>
            <ul class="plain-list">@foreach (array_slice($page->skipped(), 0, 200) as $one)<li><b>{{ $one['file'] }}</b> {{ $one['why'] }}</li>@endforeach</ul>
        </details>@endif
        @endif
    </div>
</x-layout>
