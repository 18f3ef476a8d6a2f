{{-- The ramp as somebody turns it: when, and to what. --}}
@php
    use Evrent\Core\Words\PlainText;
    $card = Evrent\Core\Shot\CueCard::of($page->schedule);
    $first = $page->plan->firstTrigger();
    $day = $page->plan->site?->day;
    $when = fn (float $s) => $first ? $settings->clock($day->clockAndDay($first->plusSeconds($s))) : PlainText::duration($s);
@endphp
<x-part id="cue-card" tag="div">@if ($card !== null && $card->clicks !== [])<details class="panel kit"><summary class="panel-head"><h2>Cue card: the ramp
    turned by hand, {{ count($card->clicks) }} clicks</h2></summary>
    <p class="nothing">One click at a time, in the gap after the photo named: at the worst the dial is
        {{ PlainText::rounded($card->worstStops, 1) }} stops off the ramp.</p>
    <ol class="plain-list">@foreach ($card->clicks as $click)<li><b>{{ $when($click['seconds']) }}</b> after photo {{ $click['photo'] }}: one click
        {{ $click['isLonger'] ? 'longer' : 'shorter' }}, to {{ PlainText::shutter($click['to']) }} s</li>@endforeach</ol>
    @foreach ($page->plan->light->isoChanges ?? [] as $change)<p class="nothing">Before photo {{ $change['frame'] }}: ISO to
        {{ number_format($change['iso']) }}, and the clicks go on from there.</p>@endforeach</details>@endif</x-part>
