{{-- Where each take of a shoot stands, asked for again and again. --}}
@php
    use Evrent\Core\Messages\Quantity;
    use Evrent\Core\Run\Take\Status;
    $takes = $page->takes();
@endphp
<div id="together-now" class="cards" @if ($takes !== []) hx-get="{{ route('together.now', $shoot) }}" hx-trigger="every 1s" hx-swap="outerHTML"
    hx-sync="this:drop" hx-disinherit="*" @endif>
    @foreach ($takes as $take)
        @php $now = $take->now ?? []; $alarms = (array) ($now['alarms'] ?? []); @endphp
        <section class="panel together-one" aria-labelledby="take-{{ $take->id }}" data-alarm="{{ $alarms === [] ? 'no' : 'yes' }}">
            <header class="panel-head"><h2 id="take-{{ $take->id }}">{{ $take->shot->title() }}</h2>
                <a class="button is-quiet" href="{{ $take->at('takes.show') }}">{{ __('shoots.together_now.room') }}</a></header>
            <p class="room-count"><b>{{ $now['next'] ?? 1 }}</b><span>{{ __('shoots.together_now.of', ['photos' => $now['photos'] ?? '–']) }}</span></p>
            <p>{{ match ($take->status) { Status::Prepared => __('shoots.together_now.preparing'),
                Status::Waiting => __('shoots.together_now.waiting'),
                Status::Running => __('shoots.together_now.running'), Status::Paused => __('shoots.together_now.paused'),
                default => __('shoots.together_now.over') } }}@if (isset($now['nextIn'])){{ __('shoots.together_now.next',
                    ['nextIn' => Quantity::seconds(round($now['nextIn'], 1))]) }}@endif</p>
            @if ($take->waits_for !== '')<p class="short">{{ $take->waits_for }}</p>@endif
            @if (($now['contradictions'] ?? []) !== [])<p class="short">{{ __('shoots.together_now.conflict') }}</p>@endif
            @foreach ($alarms as $says)<p class="short" role="alert"><x-icon name="triangle-alert" /> {{ $says }}</p>@endforeach
        </section>
    @endforeach
    @if ($takes === [])<p class="nothing">{{ __('shoots.together_now.none') }}</p>@endif
</div>
