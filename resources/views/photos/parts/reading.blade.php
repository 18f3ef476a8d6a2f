{{-- How far the reading of a card is: asked for again and again until it is over. --}}
<div id="reading" role="status" @if (!$reading->isOver()) hx-get="{{ $reading->at('show') }}" hx-trigger="every 500ms"
    hx-swap="outerHTML" hx-sync="this:drop" @endif class="reading-now">
    @if ($reading->status === 'failed')<p class="short">It failed: {{ $reading->trouble }}</p>
    @elseif ($reading->status === 'stopped')<p>Stopped after {{ number_format($reading->done) }} of {{ number_format($reading->files) }} photos.</p>
    @elseif ($reading->status === 'away')<p class="short">@if ($reading->trouble !== ''){{ $reading->trouble }} @else{{ $reading->folder
        }} is not there. @endif{{ number_format($reading->done) }} of {{
        number_format($reading->files) }} photos are read. @if ($reading->trouble === '')Put the card back: it goes on by itself.@endif</p>
    @elseif ($reading->status === 'waiting')<p>Waiting to be read …</p>
    @else<p>{{ number_format($reading->done) }} of {{ number_format($reading->files) }} photos read{{ $reading->secondsLeft() === null ? ''
        : ', about ' . Evrent\Core\Words\PlainText::duration(ceil($reading->secondsLeft())) . ' to go' }}</p>
        <progress max="{{ $reading->files }}" value="{{ $reading->done }}">{{ $reading->done }}</progress>@endif
    @if (in_array($reading->status, ['away', 'failed'], true))<form method="post" action="{{ $reading->at('again') }}">@csrf
        <button class="button">Try again</button></form>@endif
    @if (!$reading->isOver())<form method="post" action="{{ $reading->at('stop') }}">@csrf
        <button class="button is-quiet"><x-icon name="x" /><span class="text">Cancel</span></button></form>@endif
</div>
