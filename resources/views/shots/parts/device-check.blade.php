@php use App\Status\CheckStatus; @endphp
{{-- What rig and camera were asked before the start: asked for again and again until it is over. --}}
<div id="device-check" class="device-check" @if ($check && !$check->isOver()) hx-get="{{ $check->at() }}" hx-trigger="every 500ms" hx-swap="outerHTML"
    hx-sync="this:drop" @endif>
    @if ($check)
        <p role="status"><b>{{ match (true) {
            $check->isSilent() => __('shots.device_check.nobody'), $check->status === CheckStatus::Waiting => __('shots.device_check.waiting'),
            $check->status === CheckStatus::Running => __('shots.device_check.working'), $check->status === CheckStatus::Done => __('shots.device_check.asked'),
            $check->status === CheckStatus::Stopped => __('shots.device_check.stopped'), default => __('shots.device_check.failed') } }}</b>
            <span class="quiet">{{ $check->created_at->diffForHumans() }}</span></p>
        @if ($check->said !== [])<ol class="plain-list">@foreach ($check->said as $sentence)<li>{{ Message::kept($sentence) }}</li>@endforeach</ol>@endif
        @if ($check->pictures !== [])<div class="test-photos">@foreach ($check->pictures as $picture)<figure>@if ($picture['jpeg'])<img
            src="{{ $check->at('picture', $picture['name']) }}" loading="lazy" width="160" height="107" alt="{{ __('shots.device_check.photo',
                ['name' => $picture['name']]) }}">@endif
            <figcaption><b>{{ $picture['name'] }}</b> {{ $picture['file'] }}</figcaption></figure>@endforeach</div>@endif
        @if (!$check->isOver())<form method="post" action="{{ $check->at('stop') }}">@csrf
            <button class="button is-danger"><x-icon name="octagon-x" /><span class="text">{{ __('shots.device_check.stop') }}</span></button></form>@endif
    @endif
</div>
@if ($check && ($isAnew ?? false))@include('shots.parts.ticks')@include('shots.parts.ticked')@endif
