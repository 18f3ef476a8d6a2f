{{-- Where a take stands, asked for again and again. --}}
@php
    use Evrent\Core\Messages\Quantity;
    use Evrent\Core\Run\Take\Status;
    $now = $take->now ?? [];
    $alarms = (array) ($now['alarms'] ?? []);
    $isSilent = $take->beat_at === null || $take->beat_at->lt(now()->subSeconds(3));
    $rig = $now['rig'] ?? null;
@endphp
<div id="now" class="room-now" data-status="{{ $take->status->value }}" data-alarm="{{ $alarms === [] ? 'no' : 'yes' }}" data-share="{{ $now['share'] ?? 0 }}"
    data-latest="{{ $now['latest'] ?? 1 }}"
    data-confirmed="{{ ($now['counts']['good'] ?? 0) + ($now['counts']['wrong_exposure'] ?? 0) }}" data-picture="{{ $picture }}"
    @if (!$take->isOver())
    hx-get="{{ $take->at('takes.now') }}" hx-trigger="every 500ms" hx-swap="outerHTML" hx-sync="this:drop"
    {{-- Else what is pressed in here would be dropped while it asks. --}} hx-disinherit="*" @endif>
    <p class="room-status"><b>{{ match ($take->status) {
        Status::Prepared => __('takes.now.preparing'), Status::Waiting => __('takes.now.waiting'), Status::Running => __('takes.now.running'),
            Status::Paused => __('takes.now.paused'), default => __('takes.now.over') } }}</b>
        @if ($isSilent && !$take->isOver())<span class="late-word">{{ $take->waits_for !== ''
            ? $take->waits_for : ($take->beat_at === null ? __('takes.now.worker')
            : __('takes.now.takeover', ['diffForHumans' => $take->beat_at->diffForHumans()])) }}</span>@endif
        @if ($take->speed > 1)<span class="quiet">{{ __('takes.now.simulated', ['speed' => Quantity::rounded($take->speed)]) }}</span>@endif</p>
    @include('takes.parts.contradictions')
    @include('takes.parts.turn')
    <p class="room-count"><b>{{ $now['next'] ?? 1 }}</b><span>{{ __('takes.now.of', ['photos' => $now['photos'] ?? '–']) }}</span></p>
    <dl class="room-figures">
        <div><dt>{{ __('takes.now.clock') }}</dt><dd>{{ $settings->clock(now($plan->site?->zone)->format('H:i:s')) }}</dd></div>
        <div><dt>{{ __('takes.now.next') }}</dt><dd>{{ isset($now['nextIn']) ? Quantity::seconds(round($now['nextIn'], 1)) : '–' }}</dd></div>
        <div><dt>{{ __('takes.now.left') }}</dt><dd>{{ isset($now['left']) ? Quantity::duration($now['left']) : '–' }}</dd></div>
        <div><dt>{{ __('takes.now.clip') }}</dt><dd>{{ Quantity::seconds(round($now['clipSeconds'] ?? 0, 1)) }}</dd></div>
        @if ($plan->timing->mode->hasClock())<div><dt>{{ __('takes.now.late') }}</dt><dd>{{ isset($now['late'])
            ? Quantity::seconds(round($now['late'], 1)) : '–' }}</dd></div>@endif
        <div><dt>{{ __('takes.now.slack') }}</dt><dd>{{ isset($now['slack']) ? Quantity::seconds(round($now['slack'], 1)) : '–' }}</dd></div>
        <div><dt>{{ __('takes.now.on_card') }}</dt><dd>{{
            ($now['counts']['good'] ?? 0) + ($now['counts']['wrong_exposure'] ?? 0) }}@if (($now['counts']['missing'] ?? 0) > 0)
            <b class="late-word">{{ __('takes.now.missing', [
                'missing' => $now['counts']['missing']]) }}</b>@endif @if (($now['counts']['wrong_exposure'] ?? 0) > 0)
            <b class="late-word">{{ __('takes.now.wrong', ['wrong_exposure' => $now['counts']['wrong_exposure']]) }}</b>@endif</dd></div>
        @if ($rig !== null)<div><dt>{{ __('common.rig') }}</dt><dd>{{ $rig['state'] }}@if ($rig['battery'] !== null){{ __('takes.now.battery',
            ['battery' => $rig['battery']]) }}@endif</dd></div>
        @foreach ($plan->rig->axes as $axis)<div><dt>{{ Words::capital($axis->label()) }}</dt>
            <dd>{{ $settings->units->axisText($axis->kind, (float) ($rig['positions'][$axis->id] ?? 0)) }}</dd></div>@endforeach @endif
    </dl>
    @if (($now['supplies'] ?? []) !== [])<p class="room-supplies">@foreach ($now['supplies'] as $what => $left)<span>{{ match ($what) {
        'rig_battery' => __('takes.now.rig_battery'), 'camera_battery' => __('takes.now.camera_battery'), default => __('takes.now.card') } }} <b>{{
            Quantity::rounded((float) $left, 0)
        }}{{ $what === 'card' ? (' ' . __('common.photos_unit')) : ' %' }}</b>@if (isset($now['lasts'][$what])){{ __('takes.now.lasts',
            ['lasts' => $now['lasts'][$what]]) }}@endif</span> @endforeach</p>@endif
    <ol class="room-row" aria-label="{{ __('takes.now.latest') }}">@foreach ((array) ($now['row'] ?? []) as $photo => $state)<li
        data-state="{{ $state }}" title="{{ __('takes.now.photo', ['photo' => $photo, 'state' => $state]) }}"></li>@endforeach</ol>
    @foreach ($alarms as $about => $says)<div class="room-alarm" role="alert"><x-icon name="triangle-alert" /><p>{{ $says }}</p>
        <form method="post" action="{{ $take->at('takes.order') }}" hx-post="{{ $take->at('takes.order') }}" hx-swap="none">@csrf
            <input type="hidden" name="order" value="quiet"><input type="hidden" name="about" value="{{ $about }}">
            <button class="button">{{ __('takes.now.acknowledge') }}</button></form></div>@endforeach
</div>
