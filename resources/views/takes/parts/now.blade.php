{{-- Where a take stands, asked for again and again. --}}
@php
    use Evrent\Core\Words\PlainText;
    $now = $take->now ?? [];
    $alarms = (array) ($now['alarms'] ?? []);
    $isSilent = $take->beat_at === null || $take->beat_at->lt(now()->subSeconds(3));
    $rig = $now['rig'] ?? null;
@endphp
<div id="now" class="room-now" data-status="{{ $take->status }}" data-alarm="{{ $alarms === [] ? 'no' : 'yes' }}" data-share="{{ $now['share'] ?? 0 }}"
    data-latest="{{ $now['latest'] ?? 1 }}"
    data-confirmed="{{ ($now['counts']['good'] ?? 0) + ($now['counts']['wrong_exposure'] ?? 0) }}" data-picture="{{ $picture }}"
    @if (!$take->isOver())
    hx-get="{{ $take->at('takes.now') }}" hx-trigger="every 500ms" hx-swap="outerHTML" hx-sync="this:drop"
    {{-- Else what is pressed in here would be dropped while it asks. --}} hx-disinherit="*" @endif>
    <p class="room-status"><b>{{ match ($take->status) {
        'prepared' => 'Getting ready', 'waiting' => 'At A, waiting', 'running' => 'Running', 'paused' => 'Paused', default => 'Over' } }}</b>
        @if ($isSilent && !$take->isOver())<span class="late-word">{{ $take->waits_for !== ''
            ? $take->waits_for : ($take->beat_at === null ? 'waiting for a worker'
            : 'last heard of ' . $take->beat_at->diffForHumans() . ': it is being taken over') }}</span>@endif
        @if ($take->speed > 1)<span class="quiet">simulated world, {{ PlainText::rounded($take->speed) }} times as fast</span>@endif</p>
    @include('takes.parts.contradictions')
    @include('takes.parts.turn')
    <p class="room-count"><b>{{ $now['next'] ?? 1 }}</b><span>of {{ $now['photos'] ?? '–' }}</span></p>
    <dl class="room-figures">
        <div><dt>Clock</dt><dd>{{ $settings->clock(now($plan->site?->zone)->format('H:i:s')) }}</dd></div>
        <div><dt>Next photo</dt><dd>{{ isset($now['nextIn']) ? PlainText::seconds(round($now['nextIn'], 1)) : '–' }}</dd></div>
        <div><dt>Time left</dt><dd>{{ isset($now['left']) ? PlainText::duration($now['left']) : '–' }}</dd></div>
        <div><dt>Clip so far</dt><dd>{{ PlainText::seconds(round($now['clipSeconds'] ?? 0, 1)) }}</dd></div>
        @if ($plan->timing->mode->hasClock())<div><dt>Behind the plan</dt><dd>{{ isset($now['late'])
            ? PlainText::seconds(round($now['late'], 1)) : '–' }}</dd></div>@endif
        <div><dt>To spare</dt><dd>{{ isset($now['slack']) ? PlainText::seconds(round($now['slack'], 1)) : '–' }}</dd></div>
        <div><dt>On the card</dt><dd>{{ ($now['counts']['good'] ?? 0) + ($now['counts']['wrong_exposure'] ?? 0) }}@if (($now['counts']['missing'] ?? 0) > 0)
            <b class="late-word">{{ $now['counts']['missing'] }} missing</b>@endif @if (($now['counts']['wrong_exposure'] ?? 0) > 0)
            <b class="late-word">{{ $now['counts']['wrong_exposure'] }} wrongly exposed</b>@endif</dd></div>
        @if ($rig !== null)<div><dt>Rig</dt><dd>{{ $rig['state'] }}@if ($rig['battery'] !== null), battery {{ $rig['battery'] }} %@endif</dd></div>
        @foreach ($plan->rig->axes as $axis)<div><dt>{{ ucfirst($axis->id) }}</dt>
            <dd>{{ $settings->units->axisText($axis->kind, (float) ($rig['positions'][$axis->id] ?? 0)) }}</dd></div>@endforeach @endif
    </dl>
    @if (($now['supplies'] ?? []) !== [])<p class="room-supplies">@foreach ($now['supplies'] as $what => $left)<span>{{ match ($what) {
        'rig_battery' => 'Rig’s battery', 'camera_battery' => 'Camera’s battery', default => 'Card' } }} <b>{{ PlainText::rounded((float) $left, 0)
        }}{{ $what === 'card' ? ' photos' : ' %' }}</b>@if (isset($now['lasts'][$what])), lasts to photo
        {{ number_format($now['lasts'][$what]) }}@endif</span> @endforeach</p>@endif
    <ol class="room-row" aria-label="The latest photos">@foreach ((array) ($now['row'] ?? []) as $photo => $state)<li
        data-state="{{ $state }}" title="Photo {{ $photo }}: {{ $state }}"></li>@endforeach</ol>
    @foreach ($alarms as $about => $says)<div class="room-alarm" role="alert"><x-icon name="triangle-alert" /><p>{{ $says }}</p>
        <form method="post" action="{{ $take->at('takes.order') }}" hx-post="{{ $take->at('takes.order') }}" hx-swap="none">@csrf
            <input type="hidden" name="order" value="quiet"><input type="hidden" name="about" value="{{ $about }}">
            <button class="button">I have seen it</button></form></div>@endforeach
</div>
