{{-- Where each take of a shoot stands, asked for again and again. --}}
@php use Evrent\Core\Words\PlainText; $takes = $page->takes(); @endphp
<div id="together-now" class="cards" @if ($takes !== []) hx-get="{{ route('together.now', $shoot) }}" hx-trigger="every 1s" hx-swap="outerHTML"
    hx-sync="this:drop" hx-disinherit="*" @endif>
    @foreach ($takes as $take)
        @php $now = $take->now ?? []; $alarms = (array) ($now['alarms'] ?? []); @endphp
        <section class="panel together-one" aria-labelledby="take-{{ $take->id }}" data-alarm="{{ $alarms === [] ? 'no' : 'yes' }}">
            <header class="panel-head"><h2 id="take-{{ $take->id }}">{{ $take->shot->title() }}</h2>
                <a class="button is-quiet" href="{{ $take->at('takes.show') }}">To its run room</a></header>
            <p class="room-count"><b>{{ $now['next'] ?? 1 }}</b><span>of {{ $now['photos'] ?? '–' }}</span></p>
            <p>{{ match ($take->status) { 'prepared' => 'Getting ready', 'waiting' => 'At A, waiting', 'running' => 'Running', 'paused' => 'Paused',
                default => 'Over' } }}@if (isset($now['nextIn'])), next photo in {{ PlainText::seconds(round($now['nextIn'], 1)) }}@endif</p>
            @if ($take->waits_for !== '')<p class="short">{{ $take->waits_for }}</p>@endif
            @if (($now['contradictions'] ?? []) !== [])<p class="short">Something contradicts the plan: answer in its run room.</p>@endif
            @foreach ($alarms as $says)<p class="short" role="alert"><x-icon name="triangle-alert" /> {{ $says }}</p>@endforeach
        </section>
    @endforeach
    @if ($takes === [])<p class="nothing">No take of this shoot is under way.</p>@endif
</div>
