{{-- One film: how far it is, or what came of it. --}}
@php
    use Evrent\Core\Words\PlainText;
    $is = $film->clip();
@endphp
<div id="film-{{ $film->id }}" class="film reading-now" @if (!$film->isOver()) role="status" hx-get="{{ $film->at('show') }}" hx-trigger="every 500ms"
    hx-swap="outerHTML" hx-sync="this:drop" @endif data-status="{{ $film->status }}">
    @if ($film->status === 'done')<p><a href="{{ $film->at('file') }}" download><x-icon name="download" /> {{ $film->file }}</a> <span class="quiet">{{
        $settings->moment($film->created_at) }}</span></p>
        <p class="quiet">{{ $film->width }} × {{ $film->height }}, {{ number_format($film->frames) }} frames at {{ $is->rate->value }},
            {{ $is->codec->label() }}, {{ PlainText::bytes($film->bytes) }}. <a href="{{ $film->at('list') }}">Its list</a></p>
        <p class="quiet sum">SHA-256 {{ $film->sha256 }}</p>
        @if ($film->before())<p><a href="{{ $film->at('joined') }}" download><x-icon name="download" /> With the clip before it, in one file</a></p>@endif
    @elseif ($film->status === 'failed')<p class="short">It failed: {{ $film->trouble }}</p>
    @elseif ($film->status === 'stopped')<p>Cancelled after {{ number_format($film->done) }} of {{ number_format($film->frames) }} frames; nothing of it is
        left.</p>
    @elseif ($film->status === 'waiting')<p>{{ $film->trouble === '' ? 'Waiting for its turn …' : $film->trouble }}</p>
    @else<p>{{ number_format($film->done) }} of {{ number_format($film->frames) }} frames made{{ $film->secondsLeft() === null ? ''
        : ', about ' . PlainText::duration(ceil($film->secondsLeft())) . ' to go' }}{{ $film->begun > 1 ? '; begun again after it was broken off' : '' }}</p>
        <progress max="{{ $film->frames }}" value="{{ $film->done }}">{{ $film->done }}</progress>@endif
    @if (!$film->isOver())<form method="post" action="{{ $film->at('stop') }}">@csrf
        <button class="button is-quiet"><x-icon name="x" /><span class="text">Cancel</span></button></form>
    @else<form method="post" action="{{ $film->at('destroy') }}">@csrf @method('delete')
        <button class="button is-quiet"><x-icon name="trash-2" /><span class="text">Delete</span></button></form>@endif
</div>
