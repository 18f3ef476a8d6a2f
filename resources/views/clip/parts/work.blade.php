{{-- One thing that is done with photos and a folder: how far it is, or what came of it. --}}
@php use Evrent\Core\Words\PlainText; @endphp
<div id="work-{{ $work->id }}" class="reading-now" @if (!$work->isOver()) role="status" hx-get="{{ $work->at('show') }}" hx-trigger="every 500ms"
    hx-swap="outerHTML" hx-sync="this:drop" @endif data-status="{{ $work->status }}">
    @if ($work->status === 'failed')<p class="short">It failed: {{ $work->trouble }}</p>
    @elseif ($work->status === 'stopped')<p>Cancelled.</p>
    @elseif ($work->status === 'waiting')<p>Waiting for its turn …</p>
    @elseif ($work->status === 'working')<p>{{ number_format($work->done) }} of {{ number_format($work->files) }} files{{ $work->secondsLeft() === null ? ''
        : ', about ' . PlainText::duration(ceil($work->secondsLeft())) . ' to go' }}</p>
        <progress max="{{ $work->files }}" value="{{ $work->done }}">{{ $work->done }}</progress>
    @elseif ($work->kind !== 'check')<p>{{ number_format($work->files) }} {{ $work->kind }} in {{ $work->folder }}.
        <a href="{{ $work->at('manifest') }}">Manifest</a></p>
    @elseif ($work->isGood())<p class="good"><x-icon name="check" /> {{ $work->folder }} has every file of the card, byte by byte. <span class="quiet">{{
        $settings->moment($work->ended_at) }}</span> <a href="{{ $work->at('manifest') }}">Manifest</a></p>
    @else<p class="short"><x-icon name="triangle-alert" /> {{ $work->folder }} is no whole copy.</p><ul>
        @if ($work->missing !== [])<li>Missing: {{ number_format(count($work->missing)) }}, such as {{ implode(', ',
            array_slice($work->missing, 0, 5)) }}</li>@endif
        @if ($work->changed !== [])<li>Not the same: {{ number_format(count($work->changed)) }}, such as {{ implode(', ', array_slice($work->changed, 0, 5))
            }}</li>@endif</ul>@endif
    @if (!$work->isOver())<form method="post" action="{{ $work->at('stop') }}">@csrf
        <button class="button is-quiet"><x-icon name="x" /><span class="text">Cancel</span></button></form>@endif
</div>
