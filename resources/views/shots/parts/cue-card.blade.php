{{-- The ramp as somebody turns it: when, and to what. --}}
@php
    use Evrent\Core\Messages\Quantity;
    $card = Evrent\Core\Shot\CueCard::of($page->schedule);
    $first = $page->plan->firstTrigger();
    $day = $page->plan->site?->day;
    $when = fn (float $s) => $first ? $settings->clock($day->clockAndDay($first->plusSeconds($s))) : Words::say(Quantity::duration($s));
@endphp
<x-part id="cue-card" tag="div">@if ($card !== null && $card->clicks !== [])<details class="panel kit"><summary class="panel-head"><h2>{{
    __('shots.cue_card.title', ['clicks' => count($card->clicks)]) }}</h2></summary>
    <p class="nothing">{{ __('shots.cue_card.says', ['worstStops' => Quantity::rounded($card->worstStops, 1)]) }}</p>
    <ol class="plain-list">@foreach ($card->clicks as $click)<li><b>{{ $when($click['seconds']) }}</b> {{ __('shots.cue_card.cue',
        ['photo' => $click['photo'], 'part' => $click['isLonger'] ? __('shots.cue_card.longer') : __('shots.cue_card.shorter'),
            'to' => Quantity::shutter($click['to'])]) }}</li>@endforeach</ol>
    @foreach ($page->plan->light->isoChanges ?? [] as $change)<p class="nothing">{{ __('shots.cue_card.iso', ['frame' => $change['frame'],
        'iso' => $change['iso']]) }}</p>@endforeach</details>@endif</x-part>
