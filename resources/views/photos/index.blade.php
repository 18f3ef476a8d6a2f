@php
    use App\Status\ReadingStatus;
    use Evrent\Core\Messages\Quantity;
    $shot = $page->shot;
    $reading = $page->reading;
    $sheet = $page->sheet();
    $take = old('take') ?? $page->likelyTake(request()->string('take')->value());
    $wrong = fn (string $field) => $errors->first("card.{$field}");
@endphp
<x-layout :words="['photos', 'upload']" :title="__('photos.index.title', ['title' => $shot->title()])"
    :crumbs="[$shot->shoot->name => route('shoots.show', $shot->shoot_id), $shot->title() => $shot->at('shots.show'), __('common.photos') => null]">
    <div class="page photos">
        <header class="page-head"><h1>{{ __('photos.index.title', ['title' => $shot->title()]) }}</h1>
            <p class="quiet">{{ __('photos.index.lead') }}</p>
            <nav class="page-acts" aria-label="{{ __('photos.index.nav') }}"><a class="button is-quiet" href="{{ $shot->at('clip.show') }}"><x-icon
                name="film" /><span
                class="text">{{ __('photos.index.clip') }}</span></a></nav></header>
        <section class="panel" aria-labelledby="bring-in"><header class="panel-head"><h2 id="bring-in">{{ __('photos.index.import') }}</h2></header>
            <form class="grid-fields bring-in" method="post" action="{{ $shot->at('photos.store') }}">@csrf
                <x-field id="card-folder" :label="__('photos.index.folder')" name="folder" width="34ch" is-text list="card-folders"
                    :value="old('folder') ?? $page->folder()" :problem="$wrong('folder')" />
                <x-field id="card-take" :label="__('photos.index.take')" name="take" :options="$page->takes()" :value="$take"
                    :problem="$wrong('take')" />
                <button class="button is-strong"><x-icon name="plus" /><span class="text">{{ __('photos.index.read') }}</span></button>
                <datalist id="card-folders">@foreach ($page->folders() as $folder)<option value="{{ $folder }}"></option>@endforeach</datalist>
            </form>
            <form class="grid-fields bring-in upload" method="post" action="{{ $shot->at('photos.uploads') }}" data-upload>@csrf
                <x-field id="upload-folder" :label="__('photos.index.or_folder')" type="file" webkitdirectory />
                <x-field id="upload-files" :label="__('photos.index.or_photos')" type="file" multiple
                    accept="image/*,.dng,.arw,.cr2,.cr3,.nef,.orf,.raf,.rw2" />
                <x-field id="upload-take" :label="__('photos.index.take')" name="take" :options="$page->takes()" :value="$take" />
                <button class="button">{{ __('photos.index.send') }}</button><button type="button" class="button is-quiet" data-cancel>{{
                    __('common.cancel') }}</button>
                <output class="quiet">{{ __('photos.index.heads') }}</output></form>
            @if ($reading && !in_array($reading->status, [ReadingStatus::Uploading, ReadingStatus::Done], true))@include('photos.parts.reading')@endif
        </section>
        @if ($page->match !== [])
        <section class="panel" aria-labelledby="which"><header class="panel-head"><h2 id="which">{{ __('photos.index.matching') }}</h2>
            <a class="quiet" href="{{ $reading->at('match') }}">evrent.match/1</a></header>
            <dl class="figures-row"><div><dt>{{ __('photos.index.planned') }}</dt><dd><b>{{ Quantity::limit($page->count()) }}</b></dd></div>
                @if ($page->triggered() !== null)<div><dt>{{ __('photos.index.run') }}</dt><dd><a href="{{ $reading->take->at('takes.show') }}"><b>{{
                    Quantity::limit($page->triggered()) }}</b></a> {{ __('photos.index.triggered') }}</dd></div>@endif
                <div><dt>{{ __('photos.index.on_card') }}</dt><dd><b>{{ Quantity::limit($page->there()) }}</b> {{ __('photos.index.of',
                    ['count' => $page->count()]) }}</dd></div>
                @if ($page->offsetSeconds() !== null)<div><dt>{{ __('photos.index.clock') }}</dt><dd><b>{{
                    Quantity::duration(abs($page->offsetSeconds())) }}</b>
                    {{ $page->offsetSeconds() < 0 ? __('photos.index.behind') : __('photos.index.ahead') }}</dd></div>@endif
                @if ($page->driftPpm() !== null)<div><dt>{{ __('photos.index.drift') }}</dt><dd><b>{{ Quantity::signed($page->driftPpm(),
                    0) }}</b> ppm</dd></div>@endif
                @if ($sheet && $page->cleanStretch($sheet))<div><dt>{{ __('photos.index.unbroken') }}</dt>
                    <dd><b>{{ __('takes.show.range', array_combine(['clean', 'clean2'], $page->cleanStretch($sheet))) }}</b></dd></div>@endif
                @if (isset($page->match['flicker_stops']))<div><dt>{{ __('photos.index.flicker') }}</dt><dd><b>{{
                    Quantity::rounded($page->match['flicker_stops'], 3) }}</b>
                    {{ __('common.stops') }}</dd></div>@endif
                <div><dt>{{ __('photos.index.unmatched') }}</dt><dd><b>{{ count($page->extras()) }}</b></dd></div>
                @if ($page->skipped() !== [])<div><dt>{{ __('photos.index.skipped') }}</dt><dd><a href="#left-out"><b>{{
                    count($page->skipped()) }}</b></a></dd></div>@endif</dl>
            @if ($page->findings() !== [])<ul class="photo-findings">@foreach ($page->findings() as $found)<li>
                @if ($found['title'])<b>{{
                $found['title'] }}.</b> @endif @if ($found['first'] !== null && $page->file($found['first']) !== null)<a
                 href="{{ $reading->at('photo', number: $found['first']) }}">{{ __('photos.index.photo',
                    ['first' => $found['first']]) }}</a>
                @endif{{ $found['says'] }} @isset($found['failure'])<span class="quiet">{{ $found['failure'] }}</span>@endisset
                @isset($found['mend'])<p class="quiet">{{ $found['mend'] }}</p>@endisset</li>@endforeach</ul>@endif
            @include('photos.parts.answers')
            <details class="more" id="place-one" @if ($page->asks() || $reading->placed || $wrong('file') || $wrong('number')) open @endif>
                <summary>{{ __('photos.index.correct') }}</summary>
            <form class="grid-fields" method="post" action="{{ $reading->at('place') }}">@csrf @method('put')
                <x-field id="place-file" :label="__('photos.index.the_photo')" name="file" width="16ch" is-text :problem="$wrong('file')" />
                <x-field id="place-number" :label="__('photos.index.is_number')" name="number" width="6ch" inputmode="numeric" :problem="$wrong('number')" />
                <button class="button">{{ __('photos.index.correct_press') }}</button><small class="quiet">{{ __('photos.index.others') }}</small></form>
            @if ($reading->placed)<form class="grid-fields" method="post" action="{{ $reading->at('place') }}">@csrf @method('delete')
                <p>{{ __('photos.index.placed', ['file' => basename($reading->placed['file']), 'number' => $reading->placed['number']]) }}</p>
                <button class="button is-quiet">{{ __('photos.index.undo') }}</button></form>@endif</details>
        </section>
        @if ($sheet)@include('photos.parts.sheet')
        @else<p class="panel nothing">{{ __('photos.index.old') }}</p>@endif
        @if ($sheet && $page->again($sheet) !== [])@include('photos.parts.again')@endif
        @include('photos.parts.series')
        @include('photos.parts.copy')
        @include('photos.parts.learnt')
        @if ($page->extras() !== [])<section class="panel" aria-labelledby="extras-title"><header class="panel-head"><h2 id="extras-title">{{
            __('photos.index.unmatched_photos') }}</h2></header><ol class="contact-sheet">@foreach (array_slice($page->extras(), 0, 200) as $extra)<li
            class="contact" data-file="{{ $extra['file'] }}" draggable="true">@if ($page->picture($extra['file']))<span
            class="frame"><img src="{{ $page->picture($extra['file']) }}"
            loading="lazy" width="120" height="80" alt="" draggable="false"></span>@endif<b>{{ basename($extra['file']) }}</b>
            <small>{{ $extra['says'] }}</small></li>@endforeach</ol></section>@endif
        @if ($page->skipped() !== [])<details class="panel"><summary class="panel-head"><h2>{{ __('photos.index.skipped_count',
            ['skipped' => count($page->skipped())]) }}</h2></summary>
            <ul class="plain-list" id="left-out">@foreach (array_slice($page->skipped(), 0, 200) as $one)<li><b>{{
                $one['file'] }}:</b> {{ $one['why'] }}</li>@endforeach</ul>
        </details>@endif
        @endif
    </div>
</x-layout>
